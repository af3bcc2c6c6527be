import fs from "node:fs";
import { minVersion, satisfies } from "semver";
import { expect, it } from "vitest";

const json = (file: string) => JSON.parse(fs.readFileSync(file, "utf8"));

/** A package as the lock file has it. Optional ones are for other machines: what does not fit here is left out by npm. */
interface Locked {
  readonly engines?: { readonly node?: string };
  readonly optional?: boolean;
}

it("asks of Node no more than the README promises, in any package", () => {
  const promised: string = json("package.json").engines.node;
  const oldest = minVersion(promised)?.version ?? "";
  expect(fs.readFileSync("README.md", "utf8")).toContain(`With Node ${oldest.replace(/\.0$/, "")} or newer`);
  const packages: Readonly<Record<string, Locked>> = json("package-lock.json").packages;
  const newer = Object.entries(packages).filter(
    ([, { engines, optional }]) =>
      optional !== true && engines?.node !== undefined && !satisfies(oldest, engines.node),
  );
  expect(newer.map(([name, { engines }]) => `${name} wants ${engines?.node}`)).toEqual([]);
  expect(Object.keys(packages).length).toBeGreaterThan(100);
});

it("names no place that packages come from in the lock file", () => {
  expect(fs.readFileSync("package-lock.json", "utf8")).not.toContain('"resolved"');
});
