/** Compresses a text. */
export async function deflate(text: string): Promise<Uint8Array<ArrayBuffer>> {
  return await through(new TextEncoder().encode(text), new CompressionStream('deflate-raw'));
}

/** Expands a compressed text; rejects where it is damaged. */
export async function inflate(bytes: Uint8Array<ArrayBuffer>): Promise<string> {
  return new TextDecoder().decode(await through(bytes, new DecompressionStream('deflate-raw')));
}

async function through(bytes: Uint8Array<ArrayBuffer>, stream: CompressionStream | DecompressionStream): Promise<Uint8Array<ArrayBuffer>> {
  const passed = new Blob([bytes]).stream().pipeThrough(stream);
  return new Uint8Array(await new Response(passed).arrayBuffer());
}
