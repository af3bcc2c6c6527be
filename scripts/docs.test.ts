import fs from "node:fs";
import { expect, it } from "vitest";
import { writtenDocs } from "./docs";

it("the docs list just what the code holds (npm run docs writes them anew)", () => {
  for (const { is, ought } of writtenDocs()) expect(is).toBe(ought);
});

it("every link of the docs to a file leads to one", () => {
  const docs = [
    "README.md",
    ...fs
      .readdirSync("docs")
      .filter((name) => name.endsWith(".md"))
      .map((name) => `docs/${name}`),
  ];
  const links = docs.flatMap((doc) =>
    [...fs.readFileSync(doc, "utf8").matchAll(/\]\(([^)#:]+)\)/g)].map(([, target = ""]) => ({
      doc,
      target: doc.startsWith("docs/") ? `docs/${target}` : target,
    })),
  );
  expect(links.filter(({ target }) => !fs.existsSync(target))).toEqual([]);
});
