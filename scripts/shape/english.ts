import ts from 'typescript';
import { pickerOf } from '../results/picker.ts';
import type { Source } from './sources.ts';

/** Lists comments that begin like half a sentence ("What it costs"), or stand for a number with two words that mean any of them. */
export function hangingComments(sources: readonly Source[]): readonly string[] {
  return sources.flatMap(({ path, text, tree }) =>
    commentsOf(text, tree).flatMap(({ at, words }) =>
      HANGING.test(words) || /\bso many\b/i.test(words) ? [`${path}:${tree.getLineAndCharacterOfPosition(at).line + 1}`] : [],
    ),
  );
}

/** Draws a number of comments, the same for the same seed, to be read one by one: each with its place. */
export function drawnComments(sources: readonly Source[], seed: number, count: number): readonly string[] {
  const all = sources.flatMap(({ path, text, tree }) =>
    commentsOf(text, tree).map(
      ({ at, words }) => `${path}:${tree.getLineAndCharacterOfPosition(at).line + 1}  ${words.replace(/\s+/g, ' ')}`,
    ),
  );
  const { whole } = pickerOf(seed);
  const drawn = new Set<number>();
  while (drawn.size < Math.min(count, all.length)) drawn.add(whole(0, all.length - 1));
  return all.filter((_, index) => drawn.has(index));
}

/** The words with which a comment seldom begins a whole sentence. */
const HANGING = /^(?:What|How|Which|Where|Whose)\b/;

/** Lists comments that only repeat the name of what they stand at: "The string." at `string`. */
export function repeatedNames(sources: readonly Source[]): readonly string[] {
  return sources.flatMap(({ path, text, tree }) => {
    const found: string[] = [];
    const visit = (node: ts.Node): void => {
      const name = (ts.isPropertySignature(node) || ts.isDeclarationStatement(node)) && node.name;
      const [comment] = name ? (ts.getLeadingCommentRanges(text, node.getFullStart()) ?? []).slice(-1) : [];
      if (name && comment && saysOnly(wordsOf(text.slice(comment.pos, comment.end)), name.getText(tree)))
        found.push(`${path}:${tree.getLineAndCharacterOfPosition(node.getStart(tree)).line + 1}`);
      ts.forEachChild(node, visit);
    };
    visit(tree);
    return found;
  });
}

function saysOnly(words: string, name: string): boolean {
  const spoken = name.replace(/([a-z])([A-Z])/g, '$1 $2').toLowerCase();
  return words.toLowerCase().replace(/^(?:the|a|an|its|all the) |\.$/g, '') === spoken;
}

/** A comment of a file: its place, and its words without the signs around them. */
interface Comment {
  readonly at: number;
  readonly words: string;
}

function commentsOf(text: string, tree: ts.SourceFile): readonly Comment[] {
  const found = new Map<number, Comment>();
  const visit = (node: ts.Node): void => {
    const ranges = [...(ts.getLeadingCommentRanges(text, node.pos) ?? []), ...(ts.getTrailingCommentRanges(text, node.end) ?? [])];
    for (const { pos, end } of ranges) found.set(pos, { at: pos, words: wordsOf(text.slice(pos, end)) });
    node.getChildren(tree).forEach(visit);
  };
  visit(tree);
  return [...found.values()].filter(({ at }) => !continuesAbove(text, at));
}

/** Tells whether a line of comment goes on from the line above, so that its first word does not begin a sentence. */
function continuesAbove(text: string, at: number): boolean {
  return text.startsWith('//', at) && /(?:^|\n)[ \t]*\/\/[^\n]*\n[ \t]*$/.test(text.slice(Math.max(0, at - 400), at));
}

function wordsOf(comment: string): string {
  return comment
    .replace(/^\/\*\*?|\*\/$|^\/\//g, '')
    .replace(/\n\s*\* ?/g, ' ')
    .trim();
}

/** The irregular participles of verbs that functions are named by. */
const IRREGULAR =
  'told written laid held kept drawn shown left put done made found given taken chosen begun gone met sent said heard known lost meant ' +
  'brought built fallen grown bound broken hidden led lain seen stood thought worn';

const PARTICIPLE = new RegExp(`^(?:${IRREGULAR.replaceAll(' ', '|')}|(?!need|speed|seed|feed|read)[a-z]{2,}ed)$`);

/** The words after which a participle still names an act: "toldIn", "laidOut". */
const TAIL = /^(?:In|Of|At|On|By|Out|Up|Off|Again|Back|Apart|Once|Away|So|As|From|To|For|With|Elsewhere|Here|There|Now|First|Freely)?$/;

/** Lists functions that are named by a bare participle, where a verb would say what they do: "told", "laidOut". */
export function participleNames(sources: readonly Source[]): readonly string[] {
  return namesIn(sources, (node) => (isNamedFunction(node) ? node.name : null)).flatMap(({ name, where }) => {
    const [, head = '', tail = ''] = /^([a-z]+)([A-Z]\w*)?$/.exec(name) ?? [];
    return PARTICIPLE.test(head) && TAIL.test(tail) ? [`${where}: ${name}`] : [];
  });
}

/** Lists parameters and variables called "each", which do not say what they are one of. */
export function namesWithoutMeaning(sources: readonly Source[]): readonly string[] {
  const found = namesIn(sources, (node) => (ts.isParameter(node) || ts.isVariableDeclaration(node) ? node.name : null));
  return found.flatMap(({ name, where }) => (name === 'each' ? [where] : []));
}

type NamedFunction = (ts.FunctionDeclaration | ts.MethodDeclaration | ts.VariableDeclaration) & { readonly name: ts.Node };

function isNamedFunction(node: ts.Node): node is NamedFunction {
  if (ts.isVariableDeclaration(node)) return node.initializer !== undefined && ts.isArrowFunction(node.initializer);
  return ts.isMethodDeclaration(node) || (ts.isFunctionDeclaration(node) && node.name !== undefined);
}

function namesIn(sources: readonly Source[], nameOf: (node: ts.Node) => ts.Node | null) {
  return sources.flatMap(({ path, tree }) => {
    const found: { readonly name: string; readonly where: string }[] = [];
    const visit = (node: ts.Node): void => {
      const name = nameOf(node);
      if (name && ts.isIdentifier(name))
        found.push({ name: name.text, where: `${path}:${tree.getLineAndCharacterOfPosition(name.getStart(tree)).line + 1}` });
      ts.forEachChild(node, visit);
    };
    visit(tree);
    return found;
  });
}
