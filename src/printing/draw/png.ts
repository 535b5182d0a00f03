/** A drawing that stands by itself: its fonts and colours are in it. */
export interface StandaloneSvg {
  readonly text: string;
  /** The width, px. */
  readonly width: number;
  /** The height, px. */
  readonly height: number;
}

/**
 * Draws a standalone SVG as a picture, some pixels to each of its own.
 *
 * @throws where the picture is too large for the browser
 */
export async function pngOf({ text, width, height }: StandaloneSvg, scale: number): Promise<Blob> {
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(text)}`;
  await image.decode();
  const canvas = document.createElement('canvas');
  canvas.width = width * scale;
  canvas.height = height * scale;
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
  const picture = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/png'));
  if (!picture) throw new Error(`The browser cannot make a picture of ${canvas.width} by ${canvas.height} pixels.`);
  return picture;
}
