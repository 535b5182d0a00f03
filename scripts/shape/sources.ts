import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, join, relative, resolve } from 'node:path';
import ts from 'typescript';

/** One source file, parsed, with the files of the tree it imports. */
export interface Source {
  /** The path from the root of the tree, with slashes. */
  readonly path: string;
  readonly text: string;
  readonly lines: number;
  readonly tree: ts.SourceFile;
  readonly imports: readonly Import[];
}

/** One import of a file of the tree. */
export interface Import {
  readonly path: string;
  readonly typeOnly: boolean;
}

/** The folders that hold nothing written by hand. */
export const SKIPPED = new Set<string>(['node_modules', 'dist', '.git', '.astro', 'compiled', 'screenshots']);

/** Reads every TypeScript file below some folders of a tree. */
export function sourcesBelow(root: string, folders: readonly string[]): readonly Source[] {
  return folders
    .filter((folder) => existsSync(join(root, folder)))
    .flatMap((folder) => filesBelow(root, folder).map((path) => sourceOf(root, path)));
}

function filesBelow(root: string, folder: string): readonly string[] {
  return readdirSync(join(root, folder)).flatMap((name) => {
    const path = `${folder}/${name}`;
    if (SKIPPED.has(name)) return [];
    if (statSync(join(root, path)).isDirectory()) return filesBelow(root, path);
    return /\.(ts|tsx)$/.test(name) && !name.endsWith('.d.ts') ? [path] : [];
  });
}

function sourceOf(root: string, path: string): Source {
  const source = sourceIn(path, readFileSync(join(root, path), 'utf8'));
  return { ...source, imports: importsOf(root, path, source.tree) };
}

/** Parses a text as a source file that imports nothing of the tree. */
export function sourceIn(path: string, text: string): Source {
  const tree = ts.createSourceFile(path, text, ts.ScriptTarget.ES2022, true, path.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS);
  return { path, text, lines: text.split('\n').length - 1, tree, imports: [] };
}

function importsOf(root: string, path: string, tree: ts.SourceFile): readonly Import[] {
  const found: Import[] = [];
  const visit = (node: ts.Node): void => {
    const named = ts.isImportDeclaration(node) || ts.isExportDeclaration(node) ? node.moduleSpecifier : lazyImport(node);
    if (named && ts.isStringLiteral(named)) {
      const target = fileNamed(root, path, named.text);
      if (target !== null) found.push({ path: target, typeOnly: isTypeOnly(node) });
    }
    ts.forEachChild(node, visit);
  };
  visit(tree);
  return found;
}

function lazyImport(node: ts.Node): ts.Expression | undefined {
  return ts.isCallExpression(node) && node.expression.kind === ts.SyntaxKind.ImportKeyword ? node.arguments[0] : undefined;
}

function isTypeOnly(node: ts.Node): boolean {
  if (ts.isExportDeclaration(node)) return node.isTypeOnly;
  if (!ts.isImportDeclaration(node)) return false;
  const clause = node.importClause;
  const named = clause?.namedBindings;
  return (
    clause?.isTypeOnly === true ||
    (named !== undefined && clause?.name === undefined && ts.isNamedImports(named) && named.elements.every((element) => element.isTypeOnly))
  );
}

/** Finds the file of the tree an import names: relative, or a door of the core; null for a package. */
function fileNamed(root: string, from: string, name: string): string | null {
  if (name.startsWith('#core/')) return `core/${name.slice('#core/'.length)}/index.ts`;
  if (!name.startsWith('.')) return null;
  const path = relative(root, resolve(root, dirname(from), name)).replaceAll('\\', '/');
  return existsSync(join(root, path)) && /\.tsx?$/.test(path) ? path : null;
}
