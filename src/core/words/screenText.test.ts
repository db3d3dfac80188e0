import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';

const WEB = path.join(import.meta.dirname, '../../web');
const files = readdirSync(WEB, { recursive: true, encoding: 'utf8' }).filter((f) => /\.tsx?$/.test(f) && !f.includes('.test.'));

/** Attributes of an element that are never read by anybody. */
const SILENT = ['className', 'key', 'id', 'htmlFor', 'type', 'role', 'd', 'transform', 'to', 'href', 'path', 'queryKey', 'of', 'what'];

/** What stands in a screen's source as text for people: between tags, in labels, in sentences. */
function textsOf(file: string): string[] {
  const source = ts.createSourceFile(
    file,
    readFileSync(path.join(WEB, file), 'utf8'),
    ts.ScriptTarget.Latest,
    true,
    file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
  );
  const texts: string[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isTypeNode(node)) return;
    if (ts.isCallExpression(node) && node.expression.kind === ts.SyntaxKind.ImportKeyword) return;
    if (ts.isJsxAttribute(node) && SILENT.includes(node.name.getText())) return;
    if (ts.isJsxText(node) && node.text.trim()) texts.push(node.text.replace(/\s+/g, ' ').trim());
    const isString = ts.isStringLiteralLike(node) || ts.isTemplateHead(node) || ts.isTemplateMiddleOrTemplateTail(node);
    // Words of the code are single and begin small; addresses begin with a slash.
    if (isString && /[A-Za-z]{2}/.test(node.text) && /[ A-Z]/.test(node.text.trim()) && !node.text.startsWith('/'))
      texts.push(node.text.trim());
    ts.forEachChild(node, visit);
  };
  visit(source);
  return texts;
}

const texts = files.flatMap((file) => textsOf(file).map((text) => ({ file, text })));
const wrong = (bad: RegExp, but?: RegExp) =>
  texts.flatMap(({ file, text }) => {
    const found = text.replace(but ?? /(?!)/, '').match(bad);
    return found ? [`${file}: “${found[0]}” in “${text}”`] : [];
  });

describe('what stands in the screens', () => {
  it('is found', () => expect(texts.length).toBeGreaterThan(900));
  it('uses the words of the glossary', () => {
    expect(wrong(/\b(?:cupboard|bibs?|trolley|peel|stick(?:s|ing)? down|mend(?:s|ed)?|dealt?|metres?|colours?|centre|grey)\b/i)).toEqual(
      [],
    );
    expect(wrong(/\b(?:class list|set[- ]out|lay out|laid out|take up|leave it|server away|given name|family name|bouts?)\b/i)).toEqual([]);
    expect(wrong(/\bwish(?:es|ed)?\b/i, /wish list|wished for|wish-list|wish for|(?:own|your) wish/i)).toEqual([]);
    expect(wrong(/\b(?:oops|something went wrong|successfully|please)\b/i)).toEqual([]);
  });
  it('has no American word spelled otherwise, no emoji', () => {
    expect(wrong(/\b(?:organis|recognis|behaviou?r\b(?=.*our)|favour|practise|licence|programme|travell|cancell)/i)).toEqual([]);
    expect(wrong(/\p{Extended_Pictographic}/u)).toEqual([]);
  });
});
