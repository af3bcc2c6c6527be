import fs from "node:fs";
import os from "node:os";
import path from "node:path";
import { afterEach, expect, it } from "vitest";
import { Access } from "./access";

const folders: string[] = [];
const folder = (): string => {
  const made = fs.mkdtempSync(path.join(os.tmpdir(), "right-sum-access-"));
  folders.push(made);
  return made;
};
afterEach(() => {
  for (const made of folders.splice(0)) fs.rmSync(made, { recursive: true, force: true });
});

it("a file of access that is cut off, empty, or says what no passphrase is hashed by, is told with the way out", async () => {
  const here = folder();
  await new Access(here).setPassphrase("spoke and sprocket");
  const file = path.join(here, "access.json");
  const whole = fs.readFileSync(file, "utf8");
  const says = JSON.parse(whole) as { readonly passphrase: object; readonly sessions: readonly unknown[] };
  const withPassphrase = (changed: object): string =>
    JSON.stringify({ ...says, passphrase: { ...says.passphrase, ...changed } });
  for (const text of [
    "",
    whole.slice(0, 40),
    "null",
    "[]",
    withPassphrase({ cost: 2 ** 15 + 1 }),
    withPassphrase({ hash: "YWJj" }),
  ]) {
    fs.writeFileSync(file, text);
    expect(() => new Access(here), text).toThrow(`${file} is broken. Delete it to set a new passphrase.`);
  }
  fs.writeFileSync(file, whole);
  expect((await new Access(here).signIn("spoke and sprocket", "10.0.0.1", 0)).kind).toBe("in");
});

it("a crowd of tries from everywhere is sent away, and the owner is let in after it", async () => {
  const access = new Access(folder());
  await access.setPassphrase("spoke and sprocket");
  const crowd = await Promise.all(
    Array.from({ length: 200 }, (_, nth) => access.signIn("guess", `10.0.1.${nth}`, 0)),
  );
  expect(crowd.filter(({ kind }) => kind === "wrong").length).toBeLessThan(10);
  expect(crowd.filter(({ kind }) => kind === "wait").length).toBeGreaterThan(190);
  expect((await access.signIn("spoke and sprocket", "10.0.2.1", 0)).kind).toBe("in");
});
