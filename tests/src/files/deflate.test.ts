import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { briefFromText } from '../../../src/files/brief-link.ts';
import { deflate, inflate } from '../../../src/files/deflate.ts';

/** The number of bytes that nobody may unpack. */
const HUGE = 400_000_000;

/** Packs a text of spaces as long as is asked for: a few hundred kilobytes of link. */
async function packSpaces(bytes: number): Promise<Uint8Array<ArrayBuffer>> {
  const part = new Uint8Array(1_000_000).fill(0x20);
  const parts = Array.from({ length: bytes / part.byteLength }, () => part);
  const packed = new Blob(parts).stream().pipeThrough(new CompressionStream('deflate-raw'));
  return new Uint8Array(await new Response(packed).arrayBuffer());
}

describe('a packed text', () => {
  it('is unpacked as it was', async () => {
    for (const text of ['', 'é♭', 'a'.repeat(100_000)]) assert.equal(await inflate(await deflate(text), 1_000_000), text);
  });

  it('is given up as soon as it is too large, and not unpacked to its end', async () => {
    const packed = await packSpaces(HUGE);
    assert.ok(packed.byteLength < HUGE / 500);
    let unpacked = 0;
    const { enqueue } = TransformStreamDefaultController.prototype;
    TransformStreamDefaultController.prototype.enqueue = function (part) {
      unpacked += part.byteLength;
      enqueue.call(this, part);
    };
    try {
      await assert.rejects(inflate(packed, 2_000_000), /more than 2000000 bytes/);
    } finally {
      TransformStreamDefaultController.prototype.enqueue = enqueue;
    }
    assert.ok(unpacked <= 2_000_000, `${unpacked} bytes`);
  });

  it('that comes as a link and is too large is no brief', async () => {
    const packed = await packSpaces(50_000_000);
    const link = Buffer.from(packed).toString('base64url');
    const reading = await briefFromText(link);
    assert.equal(reading.ok, false);
  });
});
