import ts from 'typescript';
import type { Source } from './sources.ts';

/** The number of things that are right, and the places of the others. */
export interface Share {
  readonly good: number;
  readonly all: number;
  readonly missing: readonly string[];
}

/** Counts exported names with a doc comment; those that a door passes on are counted where they are made. */
export function exportsDocumented(sources: readonly Source[]): Share {
  return shareOf(sources, (node, source) => {
    const exported =
      ts.canHaveModifiers(node) && ts.getModifiers(node)?.some((value) => value.kind === ts.SyntaxKind.ExportKeyword) === true;
    if (!exported || node.parent !== source.tree) return null;
    return hasDoc(node, source);
  });
}

/**
 * Counts fields of exported interfaces and type literals with a doc comment: on the field itself or, of a literal, on the case of a union
 * or the field whose type it is.
 */
export function fieldsDocumented(sources: readonly Source[]): Share {
  return shareOf(sources, (node, source) =>
    ts.isPropertySignature(node) && isExported(node) ? hasDoc(node, source) || literalHasDoc(node.parent, source) : null,
  );
}

/**
 * Counts those fields whose names cannot say all, with a doc comment: numbers have a unit or a range, null means something, and an id is of
 * some record.
 */
export function fieldsToDocument(sources: readonly Source[]): Share {
  return shareOf(sources, (node, source) =>
    ts.isPropertySignature(node) && isExported(node) && needsWords(node)
      ? hasDoc(node, source) || literalHasDoc(node.parent, source)
      : null,
  );
}

function needsWords({ name, type }: ts.PropertySignature): boolean {
  const text = type?.getText() ?? '';
  return /^id$|Ids?$/.test(name.getText()) || (!text.includes('=>') && /\b(?:number|null)\b/.test(text));
}

function literalHasDoc(node: ts.Node, source: Source): boolean {
  if (!ts.isTypeLiteralNode(node)) return false;
  for (let above: ts.Node = node; !ts.isTypeAliasDeclaration(above) && !ts.isSourceFile(above); above = above.parent) {
    if ((ts.isTypeLiteralNode(above) || ts.isPropertySignature(above)) && hasDoc(above, source)) return true;
    if (ts.isUnionTypeNode(above.parent) && caseHasDoc(above, above.parent, source)) return true;
  }
  return false;
}

/** Counts errors thrown whose words contain the wrong value. */
export function throwsWithValue(sources: readonly Source[]): Share {
  return shareOf(sources, (node) => {
    if (!ts.isThrowStatement(node)) return null;
    const made = node.expression;
    const [words] = ts.isNewExpression(made) ? (made.arguments ?? []) : [made];
    return words !== undefined && !ts.isStringLiteral(words) && !ts.isNoSubstitutionTemplateLiteral(words);
  });
}

/** Counts functions and methods that throw and say in their comment when they do. */
export function throwsDocumented(sources: readonly Source[]): Share {
  return shareOf(sources, (node, source) => {
    if (!ts.isFunctionDeclaration(node) && !ts.isMethodDeclaration(node)) return null;
    return node.body && throwsItself(node.body) ? docOf(node, source).includes('@throws') : null;
  });
}

/** Tells whether a function throws, and not only a function inside it. */
function throwsItself(node: ts.Node): boolean {
  if (ts.isThrowStatement(node)) return true;
  if (ts.isFunctionLike(node)) return false;
  return ts.forEachChild(node, (child) => throwsItself(child) || undefined) === true;
}

function docOf(node: ts.Node, { text }: Source): string {
  return (ts.getLeadingCommentRanges(text, node.getFullStart()) ?? []).map(({ pos, end }) => text.slice(pos, end)).join('');
}

/** Gives the share of lines that are only comment, of all lines that are not empty. */
export function commentShare(sources: readonly Source[]): number {
  const lines = sources.flatMap(({ text }) => text.split('\n').map((line) => line.trim())).filter((line) => line !== '');
  return lines.filter((line) => /^(\/\/|\/\*|\*)/.test(line)).length / Math.max(1, lines.length);
}

function shareOf(sources: readonly Source[], judge: (node: ts.Node, source: Source) => boolean | null): Share {
  let [good, all] = [0, 0];
  const missing: string[] = [];
  for (const source of sources) {
    const visit = (node: ts.Node): void => {
      const verdict = judge(node, source);
      if (verdict !== null) {
        all += 1;
        if (verdict) good += 1;
        else missing.push(`${source.path}:${source.tree.getLineAndCharacterOfPosition(node.getStart()).line + 1}`);
      }
      ts.forEachChild(node, visit);
    };
    visit(source.tree);
  }
  return { good, all, missing };
}

/** Tells whether a comment stands before a case of a union, and before the stroke that leads to it. */
function caseHasDoc(node: ts.Node, union: ts.UnionTypeNode, { text }: Source): boolean {
  const before = union.types[union.types.findIndex((type) => type === node) - 1];
  const from = before ? before.getEnd() : union.getFullStart();
  return (ts.getLeadingCommentRanges(text, from) ?? []).some(({ pos }) => text.startsWith('/**', pos));
}

function hasDoc(node: ts.Node, { text }: Source): boolean {
  return (ts.getLeadingCommentRanges(text, node.getFullStart()) ?? []).some(({ pos }) => text.startsWith('/**', pos));
}

function isExported(node: ts.Node): boolean {
  for (let above: ts.Node | undefined = node.parent; above; above = above.parent) {
    if ((ts.isInterfaceDeclaration(above) || ts.isTypeAliasDeclaration(above)) && ts.isSourceFile(above.parent)) {
      return ts.getModifiers(above)?.some((value) => value.kind === ts.SyntaxKind.ExportKeyword) === true;
    }
  }
  return false;
}
