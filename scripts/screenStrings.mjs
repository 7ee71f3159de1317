import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import ts from 'typescript';

/** Attributes of elements whose text people read or hear. */
const readAttributes = new Set([
  'label',
  'title',
  'aria-label',
  'aria-valuetext',
  'alt',
  'placeholder',
  'none',
  'noneMeans',
  'legend',
  'hint',
  'unit',
  'action',
  'caption',
]);

const sources = ['web/src', 'core/src', 'server/src'];

/** The words that the readers of sentences and of names hear, and the language of the database: never shown. */
const unshown =
  /\/shorthand\/(?:lexicon|commands|speech|strict)\/|\/pot\/names\/|^server\/src\/(?:backup|db|open)\//u;

/** Source files whose strings may come on screen. */
export const screenFiles = () =>
  execFileSync('git', ['ls-files', '-co', '--exclude-standard', ...sources], { encoding: 'utf8' })
    .split('\n')
    .filter((file) => /\.tsx?$/u.test(file) && !/\.test\.tsx?$|\/testing\/|\/demo\//u.test(file))
    .filter((file) => !unshown.test(file));

/**
 * Every string of a source file that may come on screen: text and read attributes of elements, and
 * any other string with a word in it that is no name of code. Parts that are worked out are “…”.
 *
 * @returns {{ text: string, line: number }[]}
 */
export function stringsOf(file, source = readFileSync(file, 'utf8')) {
  const kind = file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS;
  const tree = ts.createSourceFile(file, source, ts.ScriptTarget.Latest, true, kind);
  const found = [];
  const add = (node, text) => {
    const plain = text.replace(/\s+/gu, ' ').trim();
    if (!/\p{L}{2}/u.test(plain) || isCode(plain)) return;
    found.push({ text: plain, line: tree.getLineAndCharacterOfPosition(node.getStart()).line + 1 });
  };
  const visit = (node) => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node) || ts.isTypeNode(node)) return;
    if (ts.isJsxElement(node) || ts.isJsxFragment(node)) {
      const text = node.children
        .map((child) => (ts.isJsxText(child) ? child.text : isSpace(child) ? ' ' : '…'))
        .join('');
      add(node, entities(text));
    } else if (ts.isTemplateExpression(node)) {
      add(
        node,
        node.head.text + node.templateSpans.map(({ literal }) => `…${literal.text}`).join(''),
      );
    } else if (ts.isStringLiteralLike(node) && isRead(node)) add(node, node.text);
    ts.forEachChild(node, visit);
  };
  visit(tree);
  return found;
}

/** Addresses, names of fields and classes, formats of dates and the like. */
const isCode = (text) =>
  /^[/?]|^[\w$…[\]-]*([.…-][\w$…[\]-]+)+$|^[dMEyHms:, \u00a0]+$|^(btn|table|linear-gradient|calc|rotate|translate|input|select|button|textarea)\b/u.test(
    text,
  );

const isSpace = (child) =>
  ts.isJsxExpression(child) &&
  ts.isStringLiteralLike(child.expression ?? child) &&
  child.expression.text === ' ';

const entities = (text) => text.replace(/&apos;|&rsquo;/gu, '’').replace(/&nbsp;/gu, ' ');

/** A string that people read: of a read attribute, or with a space between words in it. */
function isRead(node) {
  const { parent } = node;
  if (ts.isJsxAttribute(parent)) return readAttributes.has(parent.name.getText());
  if (ts.isPropertyAssignment(parent) && parent.name === node) return false;
  if (ts.isLiteralTypeNode(parent) || ts.isElementAccessExpression(parent)) return false;
  if (parent.kind === ts.SyntaxKind.JsxExpression && ts.isJsxAttribute(parent.parent))
    return readAttributes.has(parent.parent.name.getText());
  return /\p{L}[,.;:]? \p{L}/u.test(node.text) || /^\p{Lu}\p{Ll}+( …|\.)?$/u.test(node.text);
}
