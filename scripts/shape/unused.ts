import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { SKIPPED, type Source } from './sources.ts';

/** The files that a framework calls by the names they export. */
const CALLED_BY_NAME = /^src\/(?:pages\/|middleware\.ts|server\/plan-worker\.ts)/;

/**
 * Lists the values that a part exports and that nobody else in the tree names: functions, constants and classes. A door that passes a name on
 * does not use it. Types are left out: a type that only its own file names still says what a function takes or gives.
 */
export function unusedExports(root: string, sources: readonly Source[]): readonly string[] {
  const users = usersByWord(root);
  return sources
    .filter(({ path }) => !path.endsWith('/index.ts') && !CALLED_BY_NAME.test(path))
    .flatMap(({ path, tree }) =>
      tree.statements.flatMap(exportedValues).flatMap((name) => {
        const elsewhere = [...(users.get(name) ?? [])].some((user) => user !== path && !user.endsWith('/index.ts'));
        return elsewhere ? [] : [`${path}: ${name}`];
      }),
    );
}

function exportedValues(statement: ts.Statement): readonly string[] {
  if (!ts.canHaveModifiers(statement)) return [];
  if (ts.getModifiers(statement)?.some(({ kind }) => kind === ts.SyntaxKind.ExportKeyword) !== true) return [];
  if (ts.isVariableStatement(statement))
    return statement.declarationList.declarations.flatMap(({ name }) => (ts.isIdentifier(name) ? [name.text] : []));
  return (ts.isFunctionDeclaration(statement) || ts.isClassDeclaration(statement)) && statement.name ? [statement.name.text] : [];
}

/** Finds the files that contain each word, those of Astro and plain JavaScript among them. */
function usersByWord(root: string): ReadonlyMap<string, ReadonlySet<string>> {
  const users = new Map<string, Set<string>>();
  for (const path of ['core', 'src', 'tests', 'scripts', '.'].flatMap((folder) => codeBelow(root, folder)))
    for (const word of readFileSync(join(root, path), 'utf8').match(/\w+/g) ?? []) {
      const known = users.get(word) ?? new Set();
      users.set(word, known.add(path));
    }
  return users;
}

/** Lists the files of code in a folder and below it; of the root itself, those that stand there. */
function codeBelow(root: string, folder: string): readonly string[] {
  if (!existsSync(join(root, folder))) return [];
  return readdirSync(join(root, folder)).flatMap((name) => {
    const path = folder === '.' ? name : `${folder}/${name}`;
    if (SKIPPED.has(name)) return [];
    if (statSync(join(root, path)).isDirectory()) return folder === '.' ? [] : codeBelow(root, path);
    return /\.(?:tsx?|m?js|astro)$/.test(name) ? [path] : [];
  });
}
