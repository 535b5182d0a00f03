/**
 * Replaces the schema builder in the browser, which checks documents with validators that were compiled from the schemas and never looks
 * into a schema itself: there, everything that the core builds with TypeBox is an empty object, and neither the builder nor its arguments
 * come along.
 */
export function leanTypebox() {
  return {
    name: 'lean-typebox',
    enforce: 'post',
    apply: (_, { isSsrBuild }) => isSsrBuild !== true,
    transform(code, id, { ssr } = {}) {
      if (ssr === true || !id.includes('/core/') || !code.includes('@sinclair/typebox')) return null;
      const calls = schemaCalls(this.parse(code));
      return { code: calls.reduceRight((text, { start, end }) => `${text.slice(0, start)}({})${text.slice(end)}`, code), map: null };
    },
  };
}

/** Finds the outermost calls of `Type`, in order. */
function schemaCalls(node) {
  if (Array.isArray(node)) return node.flatMap(schemaCalls);
  if (typeof node !== 'object' || node === null) return [];
  if (node.type === 'CallExpression' && node.callee.object?.name === 'Type') return [node];
  return Object.values(node).flatMap(schemaCalls);
}
