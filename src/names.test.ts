import fs from "node:fs";
import path from "node:path";
import ts from "typescript";
import { expect, it } from "vitest";

/** What many files export under one name: the framework asks for it, or each is one of its kind. */
const CONVENTIONS: ReadonlySet<string> = new Set(["GET", "POST", "PUT", "metadata", "dynamic", "PART"]);

const src = path.resolve("src");
const files = fs
  .readdirSync(src, { recursive: true, encoding: "utf8" })
  .filter((file) => /\.tsx?$/.test(file) && !/\.test\.tsx?$/.test(file))
  .filter((file) => !/^(core|data)\Wtesting/.test(file));

/** The names that a file declares and exports itself. */
function exported(file: string): readonly string[] {
  const text = fs.readFileSync(path.join(src, file), "utf8");
  const kind = file.endsWith("x") ? ts.ScriptKind.TSX : ts.ScriptKind.TS;
  const { statements } = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true, kind);
  return statements.flatMap((statement): readonly string[] => {
    const modifiers = ts.canHaveModifiers(statement) ? ts.getModifiers(statement) : undefined;
    if (modifiers?.some((one) => one.kind === ts.SyntaxKind.ExportKeyword) !== true) return [];
    if (ts.isVariableStatement(statement))
      return statement.declarationList.declarations.flatMap(({ name }) =>
        ts.isIdentifier(name) ? [name.text] : [],
      );
    const named =
      ts.isFunctionDeclaration(statement) ||
      ts.isInterfaceDeclaration(statement) ||
      ts.isTypeAliasDeclaration(statement);
    return named && statement.name !== undefined ? [statement.name.text] : [];
  });
}

it("no two files export different things under one name, but for a few conventions", () => {
  const places = new Map<string, string[]>();
  for (const file of files)
    for (const name of new Set(exported(file))) places.set(name, [...(places.get(name) ?? []), file]);
  const shared = [...places].filter(([name, where]) => where.length > 1 && !CONVENTIONS.has(name));
  expect(shared).toEqual([]);
  expect(places.size).toBeGreaterThan(1000);
});

it("no two files of a folder differ in capitals alone, which some disks can't tell apart", () => {
  const small = files.map((file) => file.toLowerCase().replace(/\.tsx?$/, ""));
  expect(small.filter((file, nth) => small.indexOf(file) !== nth)).toEqual([]);
});
