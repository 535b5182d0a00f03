/**
 * Writes a file, or a part of one, as a data URL.
 *
 * @throws what the browser says where it cannot be read
 */
export async function dataUrlOf(content: Blob): Promise<string> {
  return await new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(typeof reader.result === 'string' ? reader.result : '');
    reader.onerror = () => reject(reader.error ?? new Error('The file cannot be read.'));
    reader.readAsDataURL(content);
  });
}

/** Gives the content of a data URL as `dataUrlOf` writes it. */
export function blobOfDataUrl(address: string, type: string): Blob {
  const letters = atob(address.slice(address.indexOf(',') + 1));
  return new Blob([Uint8Array.from(letters, (letter) => letter.charCodeAt(0))], { type });
}
