import ts from 'typescript';
import { expect, it } from 'vitest';

/** A lookup by text in a plain object, outside `lookUp` itself: also `constructor` would be found. */
function unsafeLookups(program: ts.Program): string[] {
  const types = program.getTypeChecker();
  const found: string[] = [];
  for (const file of program.getSourceFiles()) {
    if (!/\/src\/(?!.*\.test\.)/.test(file.fileName) || file.isDeclarationFile) continue;
    const visit = (node: ts.Node): void => {
      if (ts.isElementAccessExpression(node) && !isWritten(node)) {
        const key = types.getTypeAtLocation(node.argumentExpression);
        const record = types.getApparentType(types.getTypeAtLocation(node.expression));
        const byText = (key.flags & ts.TypeFlags.String) !== 0 && record.getStringIndexType() !== undefined;
        if (byText && !file.fileName.endsWith('/lookUp.ts')) {
          const { line } = file.getLineAndCharacterOfPosition(node.getStart());
          found.push(`${file.fileName}:${line + 1} ${node.getText()}`);
        }
      }
      ts.forEachChild(node, visit);
    };
    visit(file);
  }
  return found;
}

/** Is this the left side of an assignment, or deleted? */
const isWritten = (node: ts.Expression): boolean =>
  (ts.isBinaryExpression(node.parent) &&
    node.parent.left === node &&
    node.parent.operatorToken.kind === ts.SyntaxKind.EqualsToken) ||
  ts.isDeleteExpression(node.parent);

const OPTIONS: ts.CompilerOptions = { strict: true, noEmit: true, target: ts.ScriptTarget.ESNext };

it('no text is a key of a plain object but through lookUp', () => {
  const file = ts.findConfigFile('.', ts.sys.fileExists) ?? '';
  const { config } = ts.readConfigFile(file, ts.sys.readFile);
  const { fileNames, options } = ts.parseJsonConfigFileContent(config, ts.sys, '.');
  const sources = fileNames.filter((name) => name.includes('/src/') || name.startsWith('src/'));
  expect(unsafeLookups(ts.createProgram(sources, options))).toEqual([]);
});

it('a lookup by text is found, a lookup by a name of the object is not', () => {
  const source = `
    declare const words: Record<string, string>; declare const text: string; declare const known: { a: string };
    words[text]; known['a']; words[text] = 'written'; [1][0];`;
  const host = ts.createCompilerHost(OPTIONS);
  const { getSourceFile } = host;
  host.getSourceFile = (name, language) =>
    name === '/src/made.ts'
      ? ts.createSourceFile(name, source, language, true)
      : getSourceFile(name, language);
  const found = unsafeLookups(ts.createProgram(['/src/made.ts'], OPTIONS, host));
  expect(found).toEqual(['/src/made.ts:3 words[text]']);
});
