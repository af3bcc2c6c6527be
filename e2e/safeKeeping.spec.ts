import fs from "node:fs";
import path from "node:path";
import Database from "better-sqlite3";
import { DOCUMENT_VERSION } from "@/data/backup/document";
import { freshFolder, type Server, startServer } from "./server";
import { board, expect, expectAccessible, listening, test } from "./tutor";

const database = (folder: string): string => path.join(folder, "right-sum.sqlite");

/** The folder that others are copies of: a server is started for it once. */
let first: Promise<string> | undefined;

/** A folder with a board in it, and a backup made by a server. */
async function keptFolder(): Promise<string> {
  first ??= madeFolder();
  const folder = freshFolder();
  fs.cpSync(await first, folder, { recursive: true });
  return folder;
}

test.afterAll(async () => {
  if (first !== undefined) fs.rmSync(await first, { recursive: true, force: true });
  first = undefined;
});

async function madeFolder(): Promise<string> {
  const server = await startServer();
  const kept = await fetch(`${server.url}/api/boards/keptboard0001`, {
    method: "PUT",
    headers: { "content-type": "application/json" },
    body: JSON.stringify({
      state: { problem: "40.3 + 7.8", method: "column-addition", house: {}, step: 3, guess: "" },
    }),
  });
  if (!kept.ok) throw new Error("madeFolder: the board was not kept");
  const backup = await fetch(`${server.url}/api/safe-keeping/backup`, { method: "POST" });
  if (!backup.ok) throw new Error("madeFolder: no backup was made");
  await server.end();
  // A server that is hurried on a loaded machine leaves its log, which would hide what is done to the file.
  const data = new Database(database(server.folder));
  data.pragma("wal_checkpoint(TRUNCATE)");
  data.close();
  return server.folder;
}

test("a backup is made, looked into and restored, and what was there is backed up before", async ({
  page,
}) => {
  const server = await startServer();
  try {
    const { work, kept } = board(page);
    await page.goto(`${server.url}/board`);
    await work("40.3 + 7.8");
    await expect(kept).toBeVisible();
    await page.goto(`${server.url}/safe-keeping`);
    await expect(page.getByText("1 board, 0 learners, 0 sheets and 0 answers are kept.")).toBeVisible();
    await page.getByRole("button", { name: "Back up now" }).click();
    await expect(page.getByText("Backed up, and the backup passed its check.")).toBeVisible();
    await expectAccessible(page);
    await page.goto(`${server.url}/board`);
    await work("9 - 4.5");
    await expect(kept).toBeVisible();
    await page.goto(`${server.url}/safe-keeping`);
    await page.getByRole("link", { name: /^Look inside/ }).click();
    const inside = page.getByRole("region", { name: "Inside the backup" });
    await expect(inside.getByRole("row", { name: /boards 1 2/i })).toBeVisible();
    await expectAccessible(page);
    await listening(page);
    await inside.getByRole("button", { name: "Restore this backup" }).click();
    await expect(page.getByText(/^Restored\. What was here before is kept as right-sum-/)).toBeVisible();
    await expect(page.getByText("1 board, 0 learners, 0 sheets and 0 answers are kept.")).toBeVisible();
    await page.goto(server.url);
    await expect(page.getByRole("link", { name: "9 - 4.5" })).toHaveCount(0);
    await expect(page.getByRole("link", { name: "40.3 + 7.8" })).toBeVisible();
    // The way back from the way back.
    await page.goto(`${server.url}/safe-keeping`);
    await page
      .getByRole("link", { name: /^Look inside/ })
      .first()
      .click();
    await expect(page.getByRole("region", { name: "Inside the backup" })).toBeVisible();
    await listening(page);
    await page.getByRole("button", { name: "Restore this backup" }).click();
    await expect(page.getByText("2 boards, 0 learners, 0 sheets and 0 answers are kept.")).toBeVisible();
  } finally {
    await server.remove();
  }
});

test("everything goes out as one file and comes in again, whole or not at all", async ({ page, request }) => {
  const from = await startServer(await keptFolder());
  const to = await startServer();
  try {
    const exported = await request.get(`${from.url}/api/safe-keeping/export`);
    expect(exported.headers()["content-disposition"]).toMatch(/filename="right-sum-\d{4}-\d\d-\d\d\.json"/);
    const text = await exported.text();
    expect(JSON.parse(text)).toMatchObject({ format: "right-sum", version: DOCUMENT_VERSION });
    await page.goto(`${to.url}/safe-keeping`);
    const file = page.getByLabel("Import from a file");
    const chosen = (content: string) => ({
      name: "all.json",
      mimeType: "application/json",
      buffer: Buffer.from(content),
    });
    await file.setInputFiles(chosen(text.slice(0, -40)));
    await expect(
      page.getByText("The file is not JSON: it may be cut off, or be something else."),
    ).toBeVisible();
    await expect(page.getByText("0 boards, 0 learners, 0 sheets and 0 answers are kept.")).toBeVisible();
    // One that is stopped on its way has changed nothing.
    const address = "**/api/safe-keeping/import";
    await page.route(address, () => undefined);
    await file.setInputFiles(chosen(text));
    await page.getByRole("button", { name: "Stop" }).click();
    await expect(page.getByText("Stopped. Nothing was imported.")).toBeVisible();
    await page.unroute(address);
    // One that is stopped while it is still asked how things stand is not sent at all.
    let sent = false;
    await page.route(address, (route) => {
      sent = true;
      return route.continue();
    });
    const asked: (() => void)[] = [];
    await page.route("**/api/changes", async (route) => {
      await new Promise<void>((go) => asked.push(go));
      await route.continue();
    });
    await file.setInputFiles(chosen(text));
    await expect.poll(() => asked.length).toBeGreaterThan(0);
    await page.getByRole("button", { name: "Stop" }).click();
    await page.unroute("**/api/changes");
    for (const go of asked) go();
    await expect(page.getByRole("button", { name: "Stop" })).toBeHidden();
    await expect(page.getByText("Stopped. Nothing was imported.")).toBeVisible();
    expect(sent).toBe(false);
    await page.unroute(address);
    // As large as ten years of records.
    await file.setInputFiles(chosen(`${" ".repeat(12_000_000)}${text}`));
    await expect(page.getByText(/^Imported\. What was here before is in the backup/)).toBeVisible();
    await page.goto(to.url);
    await expect(page.getByRole("link", { name: "40.3 + 7.8" })).toBeVisible();
    expect(await (await request.get(`${to.url}/api/safe-keeping/export`)).json()).toMatchObject({
      tables: JSON.parse(text).tables,
    });
  } finally {
    await from.remove();
    await to.remove();
  }
});

const damage = (file: string, from: number, to: number): void => {
  const bytes = fs.readFileSync(file);
  for (let at = from; at < Math.min(to, bytes.length); at++) bytes[at] = ((bytes[at] ?? 0) * 7 + 13) % 256;
  fs.writeFileSync(file, bytes);
};

test("a damaged file gets a page with a way out, and is never written over", async ({ page }) => {
  const folder = await keptFolder();
  damage(database(folder), 4096, 40_000);
  const before = fs.readFileSync(database(folder));
  let server: Server | undefined;
  try {
    server = await startServer(folder);
    const answer = await page.request.get(`${server.url}/learners`, { headers: { accept: "text/html" } });
    expect(answer.status()).toBe(503);
    expect(answer.headers()["x-frame-options"]).toBe("DENY");
    expect((await page.request.get(`${server.url}/api/changes`)).status()).toBe(503);
    expect(
      (
        await page.request.post(`${server.url}/trouble/restore`, {
          form: { value: "x" },
          headers: { origin: "http://attacker.example" },
        })
      ).status(),
    ).toBe(403);
    expect(
      (
        await page.request.post(`${server.url}/trouble/restore`, { form: { value: "../../etc/passwd" } })
      ).status(),
    ).toBe(503);
    // This page needs nothing of the application, so nothing there has to wake up first.
    await page.evaluate((url) => window.location.assign(url), server.url).catch(() => undefined);
    await expect(page.getByRole("heading", { name: "The data file is damaged" })).toBeVisible();
    await expectAccessible(page);
    expect(fs.readFileSync(database(folder)).equals(before)).toBe(true);
    await page.getByRole("button", { name: "Restore it" }).click();
    await expect(page.getByRole("link", { name: "40.3 + 7.8" })).toBeVisible();
    const [aside = ""] = fs.readdirSync(folder).filter((name) => name.includes(".aside-"));
    expect(fs.readFileSync(path.join(folder, aside)).equals(before)).toBe(true);
  } finally {
    await server?.remove();
  }
});

test("damage found while in use stops all writing, and says so on every page", async ({ page }) => {
  const server = await startServer(await keptFolder());
  try {
    damage(database(server.folder), 4096, 200_000);
    await page.goto(`${server.url}/safe-keeping`);
    await page.getByRole("button", { name: "Check it now" }).click();
    await expect(page.getByText("The data file was found damaged.")).toBeVisible();
    await expect(page.getByText("The data is only read just now: nothing you do is kept.")).toBeVisible();
    await expectAccessible(page);
    const write = await page.request.put(`${server.url}/api/view`, { data: { theme: "slate" } });
    expect([write.status(), (await write.json()).error.code]).toEqual([503, "readOnly"]);
    await page.getByRole("link", { name: /^Look inside/ }).click();
    await expect(page.getByRole("region", { name: "Inside the backup" })).toBeVisible();
    await listening(page);
    await page.getByRole("button", { name: "Restore this backup" }).click();
    await expect(page.getByText("1 board, 0 learners, 0 sheets and 0 answers are kept.")).toBeVisible();
    await expect(page.getByText("The data is only read just now")).toHaveCount(0);
    expect((await page.request.put(`${server.url}/api/view`, { data: { theme: "paper" } })).status()).toBe(
      200,
    );
  } finally {
    await server.remove();
  }
});

test("a data file that is moved away while it is in use is written to no more, and goes on where it is put back", async ({
  page,
}) => {
  const server = await startServer(await keptFolder());
  const write = async (theme: string) => {
    const answer = await page.request.put(`${server.url}/api/view`, { data: { theme } });
    return answer.ok() ? "kept" : (await answer.json()).error.code;
  };
  const file = database(server.folder);
  const away = `${file}.away`;
  try {
    expect(await write("slate")).toBe("kept");
    fs.renameSync(file, away);
    expect(await write("paper")).toBe("movedAway");
    await page.goto(`${server.url}/safe-keeping`);
    fs.renameSync(away, file);
    expect(await write("paper")).toBe("kept");

    fs.renameSync(file, away);
    await page.getByRole("button", { name: "Check it now" }).click();
    await expect(page.getByText("The data file is no longer in its folder.")).toBeVisible();
    await expectAccessible(page);
    expect(await write("slate")).toBe("readOnly");
    fs.renameSync(away, file);
    await page.getByRole("button", { name: "Check it now" }).click();
    await expect(page.getByText("The data file is no longer in its folder.")).toHaveCount(0);
    expect(await write("slate")).toBe("kept");

    fs.renameSync(file, away);
    await page
      .getByRole("link", { name: /^Look inside/ })
      .first()
      .click();
    await listening(page);
    await page.getByRole("button", { name: "Restore this backup" }).click();
    await expect.poll(() => write("paper")).toBe("kept");
    expect(fs.existsSync(away)).toBe(true);
  } finally {
    await server.remove();
  }
});

test("a newer file, an empty one, a lost one and another program's are told apart, and left as they are", async ({
  request,
}) => {
  const cases: readonly {
    readonly make: (file: string) => void;
    readonly says: string;
    readonly anew?: true;
  }[] = [
    {
      make: (file) => {
        const client = new Database(file);
        client.exec(
          "insert into __drizzle_migrations (hash, created_at) values ('of tomorrow', 9999999999999)",
        );
        client.close();
      },
      says: "The data is from a newer Right Sum",
    },
    { make: (file) => fs.writeFileSync(file, ""), says: "The data file is empty" },
    {
      make: (file) => {
        fs.rmSync(file);
        fs.writeFileSync(`${file}-wal`, "something");
      },
      says: "The data file is gone",
    },
    {
      // After a clean stop there is no log: what tells of it are its backups.
      make: (file) => {
        for (const rest of ["", "-wal", "-shm"]) fs.rmSync(`${file}${rest}`, { force: true });
      },
      says: "The data file is gone",
      anew: true,
    },
    {
      make: (file) => {
        fs.rmSync(file);
        const client = new Database(file);
        client.exec("create table spokes (length integer)");
        client.close();
      },
      says: "The data file is not Right Sum’s",
    },
    {
      make: (file) => {
        // A log that was not folded in yet would bring the whole file back.
        for (const log of ["-wal", "-shm"]) fs.rmSync(`${file}${log}`, { force: true });
        fs.writeFileSync(file, "not a database at all ".repeat(400));
      },
      says: "The data file is damaged",
    },
  ];
  for (const { make, says, anew } of cases) {
    const folder = await keptFolder();
    make(database(folder));
    const before = fs.existsSync(database(folder)) ? fs.readFileSync(database(folder)) : undefined;
    const server = await startServer(folder);
    try {
      const page = await (await request.get(server.url)).text();
      expect(/<h1>(.*?)<\/h1>/.exec(page)?.[1]).toBe(says);
      expect(fs.existsSync(database(folder)) ? fs.readFileSync(database(folder)) : undefined).toEqual(before);
      if (anew) {
        await request.post(`${server.url}/trouble/anew`, { form: {}, headers: { origin: server.url } });
        expect((await request.get(`${server.url}/api/changes`)).status()).toBe(200);
      }
      expect(await server.end()).toBe(0);
    } finally {
      await server.remove();
    }
  }
});

test("one board, sheet or setting that can't be read takes nothing else down", async ({ page }) => {
  const folder = await keptFolder();
  const client = new Database(database(folder));
  client.exec(`insert into boards (id, version, problem, method, house, step, guess, name, pinned, opened_at, revision)
    select 'brokenboard01', version, problem, 'by-abacus', house, step, guess, name, pinned, opened_at, revision from boards;
    insert into marking_sheets (id, house, opened_at) values ('brokensheet01', '{"preset":"of-tomorrow"}', 1);
    insert into settings (name, value) values ('view', '{"theme":'), ('house', 'x')`);
  client.close();
  const server = await startServer(folder);
  try {
    await page.goto(server.url);
    await expect(page.getByRole("link", { name: "40.3 + 7.8" })).toBeVisible();
    const aside = page.getByRole("region", { name: "Set aside" });
    await expect(aside).toContainText("One board can’t be read here.");
    const [download] = await Promise.all([
      page.waitForEvent("download"),
      aside.getByRole("link", { name: "Save it as it is" }).click(),
    ]);
    expect(JSON.parse(fs.readFileSync(await download.path(), "utf8"))).toMatchObject({
      id: "brokenboard01",
      method: "by-abacus",
    });
    await page.goto(`${server.url}/marking?sheet=brokensheet01`);
    await expect(page.getByRole("region", { name: "Set aside" })).toContainText(
      "brokensheet01: its house rules can’t be read",
    );
    await page.goto(`${server.url}/house-rules`);
    await expect(page.getByRole("region", { name: "Set aside" })).toContainText("house: it is not whole");
    await page.goto(`${server.url}/board?id=brokenboard01`);
    await expect(board(page).field).toBeVisible();
  } finally {
    await server.remove();
  }
});

test("a window that is open while a backup is restored shows what is on disk then, and goes on from it", async ({
  page,
}) => {
  const server = await startServer();
  try {
    await page.goto(`${server.url}/marking`);
    await listening(page);
    await page.getByRole("textbox", { name: "Next problem" }).fill("4.7 + 3.8");
    await page.keyboard.press("Enter");
    await page.getByRole("combobox", { name: "Next learner" }).fill("Wim");
    await page.keyboard.press("Enter");
    const answer = page.getByRole("textbox", { name: "Wim, 4.7 + 3.8" });
    const kept = page.getByText("Kept", { exact: true });
    await answer.fill("8.5");
    await page.keyboard.press("Enter");
    await expect(kept).toBeVisible();
    const post = (what: string, body: object) =>
      page.request.post(`${server.url}/api/safe-keeping/${what}`, { data: body });
    const { name } = await (await post("backup", {})).json();
    await answer.fill("13");
    await page.keyboard.press("Enter");
    await expect(page.getByText(/wrong|explain/i).first()).toBeVisible();
    await expect(kept).toBeVisible();
    expect((await post("restore", { name })).status()).toBe(200);
    await expect(answer).toHaveValue("8.5");
    await listening(page);
    await answer.fill("8.6");
    await page.keyboard.press("Enter");
    await expect(kept).toBeVisible();
    await page.reload();
    await expect(answer).toHaveValue("8.6");
  } finally {
    await server.remove();
  }
});
