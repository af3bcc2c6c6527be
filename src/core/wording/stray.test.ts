import fs from "node:fs";
import path from "node:path";
import ts from "typescript";
import { describe, expect, it } from "vitest";

const CORE = path.resolve("src/core");

/** Where words stand: what is said, what lines are written with, and what is made up for tests. */
const OF_WORDS = ["wording", "vocabulary", "testing"];
/** Where the words stand that a line or an answer is read by: they are heard and not said. */
const HEARD = ["problem/reading", "marking"];
/** Properties whose texts are typed lines. */
const TYPED = new Set(["line", "lines", "sample", "small", "usual", "largest", "example"]);

const files = fs
  .readdirSync(CORE, { recursive: true, encoding: "utf8" })
  .filter((file) => file.endsWith(".ts") && !file.endsWith(".test.ts"))
  .filter((file) => ![...OF_WORDS, ...HEARD].some((room) => file.startsWith(`${room}${path.sep}`)));

/** The text of a literal, without what is put into it; none for other nodes. */
function textOf(node: ts.Node): string | undefined {
  if (ts.isStringLiteralLike(node)) return node.text;
  return ts.isTemplateExpression(node)
    ? [node.head.text, ...node.templateSpans.map(({ literal }) => literal.text)].join("_")
    : undefined;
}

/** Whether nothing in a node is ever read by anybody but a developer, or it is a line as it is typed. */
function isUnsaid(node: ts.Node): boolean {
  if (ts.isNewExpression(node)) return /(?:Error|Stuck)$/.test(node.expression.getText());
  if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node)) return true;
  return ts.isPropertyAssignment(node) && TYPED.has(node.name.getText());
}

/** The texts of a file that read like something said: two words side by side, or a word with a space at its end. */
function saidIn(file: string): readonly string[] {
  const source = ts.createSourceFile(
    file,
    fs.readFileSync(path.join(CORE, file), "utf8"),
    ts.ScriptTarget.Latest,
    true,
  );
  const found: string[] = [];
  const visit = (node: ts.Node): void => {
    if (isUnsaid(node)) return;
    const text = textOf(node);
    if (text !== undefined && /\p{L}{2,} \p{L}{2,}|^ \p{L}|\p{L}{2,} $/u.test(text))
      found.push(`${file}: ${text}`);
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

describe("the core", () => {
  it("says nothing but what stands in the wordbook", () => {
    expect(files.length).toBeGreaterThan(150);
    expect(files.flatMap(saidIn)).toEqual([]);
  });
});
