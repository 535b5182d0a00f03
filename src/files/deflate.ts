/** Compresses a text. */
export async function deflate(text: string): Promise<Uint8Array<ArrayBuffer>> {
  const packed = new Blob([text]).stream().pipeThrough(new CompressionStream('deflate-raw'));
  return new Uint8Array(await new Response(packed).arrayBuffer());
}

/**
 * Expands a compressed text; rejects where it is damaged, and as soon as it comes to more than a number of bytes: a few kilobytes may be
 * packed from gigabytes.
 */
export async function inflate(bytes: Uint8Array<ArrayBuffer>, mostBytes: number): Promise<string> {
  let size = 0;
  const bounded = new TransformStream<Uint8Array, Uint8Array>({
    transform: (part, controller) => {
      size += part.byteLength;
      if (size > mostBytes) throw new RangeError(`It unpacks to more than ${mostBytes} bytes`);
      controller.enqueue(part);
    },
  });
  const unpacked = new Blob([bytes]).stream().pipeThrough(new DecompressionStream('deflate-raw')).pipeThrough(bounded);
  return await new Response(unpacked).text();
}
