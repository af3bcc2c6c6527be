import fs from "node:fs";
import { expect, it } from "vitest";
import { bundleBench } from "./launch/build.mjs";

it("the bench is one file in which no package looks for files beside itself: that would end it at its start", async () => {
  const bundle = fs.readFileSync(await bundleBench(), "utf8");
  expect(bundle.match(/.{0,60}\b__(?:dirname|filename)\b.{0,60}/g) ?? []).toEqual([]);
  expect(bundle).toContain("firstLoad");
});
