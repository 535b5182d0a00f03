/** A job for tests: its body says what it does with its time and memory. */
export default async function toldJob({ body }) {
  if (body === 'memory') {
    const held = [];
    for (;;) held.push(new Array(100_000).fill(held.length));
  }
  const until = Date.now() + Number(body);
  while (Date.now() < until);
  return { status: 200, contentType: 'text/plain', body };
}
