import { readFileSync } from 'node:fs';
import ts from 'typescript';

/** Attributes that people read or hear; all others are names for the program. */
const READ =
  /^(aria-label|aria-description|title|alt|placeholder|label|name|text|heading|summary|hint|explain|empty|unit|none)$/;

/** A text with letters and a space, or a capital: what a person may read. */
const isRead = (text: string): boolean =>
  /\p{L}/u.test(text) && (/\p{L}[^\n]*\s/u.test(text) || /^\p{Lu}\p{Ll}/u.test(text));

/** Class lists, addresses, headers, colours, SQL and patterns are for machines. */
const isForMachines = (text: string): boolean =>
  /(^|\s)(-?[a-z]+(-[a-z0-9[\].%/]+)+|flex|grid|block|hidden|relative|absolute|btn|input|select|tab|table|truncate|underline|italic)(\s|$)/.test(
    text,
  ) && !/[.,;:?!’“]|\s(the|a|of|is|and|to|in|with)\s/.test(text);

/** Paths and transforms of drawings, directives, addresses, and routes. */
const isCode = (text: string): boolean =>
  /^(use (client|server)|(GET|POST|PUT|PATCH|DELETE) \/\S*|[MLHVCZ][\d…. -]+.*|(translate|rotate|scale|matrix|var|calc|rgb|hsl)\(.*|\S*\/\S*|[a-z]+-…|…-[a-z]+)$/.test(
    text,
  );

/** Shown text of a template: `…` where something is filled in. */
function templateText(node: ts.TemplateExpression): string {
  return node.head.text + node.templateSpans.map(({ literal }) => `…${literal.text}`).join('');
}

/** Text within an element, over several lines and around what is filled in. */
const jsxText = (element: ts.JsxElement | ts.JsxFragment): string =>
  element.children
    .map((child) => {
      if (ts.isJsxText(child)) return child.text;
      if (ts.isJsxExpression(child)) {
        if (!child.expression) return '';
        return ts.isStringLiteralLike(child.expression) ? child.expression.text : '…';
      }
      return ts.isJsxElement(child) &&
        ['b', 'i', 'em', 'strong', 'span', 'a', 'Link', 'sup', 'kbd'].includes(
          child.openingElement.tagName.getText(),
        )
        ? jsxText(child)
        : ' ';
    })
    .join('')
    .replace(/\s+/g, ' ')
    .trim();

/** Every text of a source file that a person may read, in the order of the file. */
export function wordsOf(file: string): string[] {
  const source = ts.createSourceFile(
    file,
    readFileSync(file, 'utf8'),
    ts.ScriptTarget.ESNext,
    true,
    file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
  );
  const found: string[] = [];
  const note = (text: string) => {
    const plain = text.replace(/\s+/g, ' ').trim();
    if (isRead(plain) && !isForMachines(plain) && !isCode(plain)) found.push(plain);
  };
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node) || ts.isTypeNode(node)) return;
    if (ts.isJsxAttribute(node)) {
      const name = node.name.getText();
      const value = node.initializer;
      if (value && ts.isStringLiteral(value)) {
        if (READ.test(name)) found.push(value.text);
        return;
      }
      if (name === 'className') return;
    }
    if (ts.isJsxElement(node) || ts.isJsxFragment(node)) {
      const text = jsxText(node);
      if (/\p{L}/u.test(text)) found.push(text);
    }
    // Keys, comparisons and arguments of directives are names for the program.
    const isName =
      ts.isPropertyAssignment(node.parent ?? node) && (node.parent as ts.PropertyAssignment).name === node;
    if (ts.isStringLiteralLike(node) && !isName && !isJsxChild(node)) note(node.text);
    if (ts.isTemplateExpression(node)) note(templateText(node));
    ts.forEachChild(node, visit);
  };
  const isJsxChild = (node: ts.Node) =>
    ts.isJsxExpression(node.parent) && !ts.isJsxAttribute(node.parent.parent);
  visit(source);
  return [...new Set(found)];
}
