import ts from "typescript";
import { describe, expect, it } from "vitest";

const sources = import.meta.glob<string>(
  ["../**/*.{ts,tsx}", "!../**/*.test.{ts,tsx}", "!../testing/**", "!../**/*.d.ts"],
  {
    query: "?raw",
    import: "default",
    eager: true,
  },
);

/** Three words in a row, or a word that ends a sentence. */
const sentence = /\p{L}+ \p{L}+ \p{L}+|^\p{Lu}\p{L}+ \p{L}+[.?!…]?$/u;

/** How something looks. */
const style = /\d(px|ms|em|fr|%)|var\(--|^zafu$|sans-serif|^Ctrl \w$|&nbsp;/i;

/** What a program says of its own mistake, a regular expression and the like are read by no user. */
function isSaidToPrograms(node: ts.Node): boolean {
  return (
    ts.isNewExpression(node) ||
    ts.isImportDeclaration(node) ||
    ts.isTypeNode(node) ||
    (ts.isCallExpression(node) &&
      /^(console|test|glob)|querySelector|matchMedia/.test(node.expression.getText()))
  );
}

function said(name: string, text: string): string[] {
  const found: string[] = [];
  const visit = (node: ts.Node) => {
    if (isSaidToPrograms(node)) {
      return;
    }
    const words =
      ts.isStringLiteralLike(node) ||
      ts.isTemplateHead(node) ||
      ts.isTemplateMiddle(node) ||
      ts.isTemplateTail(node)
        ? node.text
        : ts.isJsxText(node)
          ? node.text.trim()
          : "";
    if (!style.test(words) && (sentence.test(words) || (ts.isJsxText(node) && /\p{L}{3}/u.test(words)))) {
      found.push(`${name}: ${words}`);
    }
    ts.forEachChild(node, visit);
  };
  visit(ts.createSourceFile(name, text, ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX));
  return found;
}

describe("the code of the pages", () => {
  it("says nothing to people by itself", () => {
    expect(Object.keys(sources).length).toBeGreaterThan(400);
    expect(Object.entries(sources).flatMap(([name, text]) => said(name, text))).toEqual([]);
  });

  it("would be caught saying something", () => {
    expect(said("a.tsx", 'const a = <b title="Take it back">Undo</b>;')).toEqual([
      "a.tsx: Take it back",
      "a.tsx: Undo",
    ]);
  });
});
