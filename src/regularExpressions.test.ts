import fs from "node:fs";
import path from "node:path";
import { isSafe } from "redos-detector";
import ts from "typescript";
import { describe, expect, it } from "vitest";

/** Every regular expression that is written out in the project, with where it stands. */
function regularExpressions(): readonly { readonly where: string; readonly text: string }[] {
  const found: { where: string; text: string }[] = [];
  const roots = ["src", "scripts"];
  for (const root of roots)
    for (const name of fs.readdirSync(root, { recursive: true, encoding: "utf8" })) {
      // Tests' own are tried on nothing that comes from outside.
      if (!/\.(?:tsx?|mjs)$/.test(name) || /\.test\.|^core.testing/.test(name)) continue;
      const file = path.join(root, name);
      const source = ts.createSourceFile(file, fs.readFileSync(file, "utf8"), ts.ScriptTarget.ES2022, true);
      const visit = (node: ts.Node): void => {
        if (ts.isRegularExpressionLiteral(node)) found.push({ where: file, text: node.text });
        ts.forEachChild(node, visit);
      };
      visit(source);
    }
  return found;
}

describe("regular expressions", () => {
  const all = regularExpressions();
  it.each(all)("$text in $where takes no longer than the line it is tried on", ({ text }) => {
    const end = text.lastIndexOf("/");
    const flags = text.slice(end + 1).replace(/[gysd]/g, "");
    const source = text
      .slice(1, end)
      // The checker knows no letters by property; for how long a search takes, any class of letters is alike.
      .replace(/\\p\{\w+\}/g, "a");
    const verdict = isSafe(new RegExp(source, flags.replace("u", "")), {
      maxScore: 400,
      maxSteps: 20_000,
    });
    expect({ text, safe: verdict.safe, error: verdict.error }).toEqual({ text, safe: true, error: null });
  });
  it("are found at all", () => expect(all.length).toBeGreaterThan(50));
});
