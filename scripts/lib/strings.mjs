import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { ROOT } from './steps.mjs';

/** Sources whose sentences reach a person: screen, PDF, terminal, answers of the server. */
const SHOWN = /^(packages\/core\/src|apps\/(app|server|device)\/src|apps\/app\/public|scripts)\/.*\.(tsx?|mjs)$/;
const NOT_SHOWN = /\.(test|case)\.tsx?$|\/(testing|types|trials|closedForms)\/|\.d\.ts$|^scripts\/(lib|test)\//;

const files = () =>
  execFileSync('git', ['ls-files', '--cached', '--others', '--exclude-standard'], { cwd: ROOT, encoding: 'utf8' })
    .split('\n')
    .filter((path) => SHOWN.test(path) && !NOT_SHOWN.test(path));

/** Names of attributes and properties whose text no person reads. */
const UNREAD =
  /^(testID|nativeID|id|key|style|d|transform|role|className|href|path|viewBox|fontFamily|pattern|type|kind|code|icon|mode|variant|accessibilityRole|slot|subject|what|station|task|of|form|unit|side|axis|from|to|as|method)$/;

const isUnread = (node) => {
  const { parent } = node;
  if (ts.isImportDeclaration(parent) || ts.isExportDeclaration(parent) || ts.isLiteralTypeNode(parent)) return true;
  if (ts.isPropertyAssignment(parent) && (parent.name === node || parent.name.getText() === 'id')) return true;
  if (ts.isJsxAttribute(parent) && UNREAD.test(parent.name.getText())) return true;
  if (ts.isCallExpression(parent)) {
    const called = parent.expression.getText();
    if (/(^|\.)(prepare|exec|import|require|querySelector|matchMedia|getElementById|describe)$/.test(called))
      return true;
  }
  return ts.isElementAccessExpression(parent) || ts.isCaseClause(parent);
};

/** A text a person could read: words with a space between them, or one capitalised word. */
const isProse = (text) =>
  (/[a-z]{2,}[^\n]*\s/i.test(text) || /\s[a-z]{2,}/i.test(text) || /^[A-Z][a-z]+[.?!…]?$/.test(text.trim())) &&
  !/^\s*\(?(SELECT|INSERT|UPDATE|DELETE|CREATE|PRAGMA|WITH|BEGIN|ALTER|DROP)\b/.test(text) &&
  !/^[a-z-]+\/[a-z+.-]+/.test(text) &&
  !/<\/?(?:h[1-3]|table|svg|div|section|tr|ul|rect|circle|text|g)\b|@page/.test(text) &&
  !/^(M|m)\s?-?\d/.test(text);

const templateText = (node) =>
  node.head.text +
  node.templateSpans.map(({ expression, literal }) => `{${expression.getText()}}${literal.text}`).join('');

/** Every text of one source a person can be shown, each `{ file, line, text }`; a figure put in stands in braces. */
export function stringsOf(file, source) {
  const tree = ts.createSourceFile(
    file,
    source,
    ts.ScriptTarget.Latest,
    true,
    file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
  );
  const found = [];
  const add = (node, text) => {
    const clean = text.replace(/\s+/g, ' ').trim();
    if (!isProse(clean) && !ts.isJsxElement(node)) return;
    found.push({ file, line: tree.getLineAndCharacterOfPosition(node.getStart()).line + 1, text: clean });
  };
  const jsxText = (node) =>
    node.children
      .map((child) =>
        ts.isJsxText(child)
          ? child.text.replace(/\s*\n\s*/g, ' ')
          : ts.isJsxExpression(child) && child.expression
            ? childText(child.expression)
            : ' ',
      )
      .join('');
  const childText = (expression) => (ts.isStringLiteral(expression) ? expression.text : `{${expression.getText()}}`);
  const visit = (node) => {
    if (ts.isJsxElement(node) && node.children.some((child) => ts.isJsxText(child) && /[A-Za-z]{2}/.test(child.text)))
      add(node, jsxText(node));
    else if (ts.isJsxText(node)) return;
    if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) {
      if (!isUnread(node)) add(node, node.text);
    } else if (ts.isTemplateExpression(node) && !isUnread(node)) add(node, templateText(node));
    ts.forEachChild(node, visit);
  };
  visit(tree);
  return found;
}

/** A text with `to` in place of every figure that is put in. */
export function withoutFigures(text, to) {
  const next = text.replaceAll(/\{[^{}]*\}/g, to);
  return next === text ? text : withoutFigures(next, to);
}

/** Every text of the app, the server, the PDF and the terminal, file by file. */
export const allStrings = () => files().flatMap((file) => stringsOf(file, readFileSync(join(ROOT, file), 'utf8')));
