import ts from 'typescript';
import type { Source } from './sources.ts';

/** One function, method or arrow function. */
export interface Measured {
  /** The file and line. */
  readonly where: string;
  readonly lines: number;
  readonly parameters: number;
  /**
   * The number of ways through it: one, and one more for each branch, loop, case, catch, `&&`, `||`, `??` (McCabe). Those of functions
   * inside it are theirs.
   */
  readonly cyclomatic: number;
}

/** Lists every function of a file. */
export function functionsOf({ path, tree }: Source): readonly Measured[] {
  const found: Measured[] = [];
  const visit = (node: ts.Node): void => {
    if (isFunction(node) && node.body) {
      const [from, to] = [lineOf(tree, node.getStart()), lineOf(tree, node.getEnd())];
      found.push({
        where: `${path}:${from + 1}`,
        lines: to - from + 1,
        parameters: node.parameters.length,
        cyclomatic: 1 + branchesIn(node.body),
      });
    }
    ts.forEachChild(node, visit);
  };
  visit(tree);
  return found;
}

function isFunction(node: ts.Node): node is ts.FunctionLikeDeclaration {
  return (
    ts.isFunctionDeclaration(node) ||
    ts.isFunctionExpression(node) ||
    ts.isArrowFunction(node) ||
    ts.isMethodDeclaration(node) ||
    ts.isConstructorDeclaration(node)
  );
}

function branchesIn(node: ts.Node): number {
  let count = 0;
  const visit = (inner: ts.Node): void => {
    if (isFunction(inner)) return;
    if (isBranch(inner)) count += 1;
    ts.forEachChild(inner, visit);
  };
  visit(node);
  return count;
}

const OPERATORS = new Set([ts.SyntaxKind.AmpersandAmpersandToken, ts.SyntaxKind.BarBarToken, ts.SyntaxKind.QuestionQuestionToken]);

const BRANCHES = new Set([
  ts.SyntaxKind.IfStatement,
  ts.SyntaxKind.ConditionalExpression,
  ts.SyntaxKind.ForStatement,
  ts.SyntaxKind.ForOfStatement,
  ts.SyntaxKind.ForInStatement,
  ts.SyntaxKind.WhileStatement,
  ts.SyntaxKind.DoStatement,
  ts.SyntaxKind.CaseClause,
  ts.SyntaxKind.CatchClause,
]);

function isBranch(node: ts.Node): boolean {
  return BRANCHES.has(node.kind) || (ts.isBinaryExpression(node) && OPERATORS.has(node.operatorToken.kind));
}

function lineOf(tree: ts.SourceFile, position: number): number {
  return tree.getLineAndCharacterOfPosition(position).line;
}
