import { board, expect, expectAccessible, listening, test } from "./tutor";

test("a row of three goes from the Board, over the questions, to the learner's paper, with a wait before it is walked through", async ({
  page,
}) => {
  await page.goto("/board?problem=53.2%20-%2017.8&step=1");
  await page.keyboard.press("d");
  const row = page.getByRole("navigation", { name: "I do, we do, you do" });
  await expect(row).toBeVisible();
  await expect(row.getByRole("link")).toHaveCount(3);
  await expect(row.getByRole("link", { name: /^I do/ })).toHaveAttribute("aria-current", "step");
  await listening(page);
  await expectAccessible(page);
  // Together: the question stands where else the line to say does.
  await row.getByRole("link", { name: /^We do/ }).press("Enter");
  await expect(page.getByRole("region", { name: "Ask" })).toBeVisible();
  await expect(row.getByRole("link", { name: /^We do/ })).toHaveAttribute("aria-current", "step");
  await listening(page);
  await row.getByRole("link", { name: /^You do/ }).press("Enter");
  await page.waitForURL(/your-turn/);
  await listening(page);
  await expectAccessible(page);
  await page.getByRole("button", { name: "Wait 1:00" }).click();
  await expect(page.getByRole("timer")).toHaveText(/^(1:00|0:5\d)$/);
  await expect(page.getByRole("link", { name: "Walk it through" })).toHaveCount(0);
  await page.getByRole("button", { name: "Wait no longer" }).click();
  await page.getByRole("link", { name: "Walk it through" }).click();
  await page.waitForURL(/\/board/);
  // The row is still there, and the tutor's own setting of the line to say was left alone.
  await expect(row).toBeVisible();
  await expect(page.getByRole("region", { name: "Say", exact: true })).toBeVisible();
  await page.getByRole("button", { name: "End the row" }).click();
  await expect(row).toHaveCount(0);
});

test("on the Board one key draws a twin, and others a notch easier and harder, and examples up to the trap", async ({
  page,
}) => {
  await page.goto("/board?problem=702%20-%20256&step=1");
  const line = async (): Promise<string> => (await board(page).field.inputValue()).replace("−", "-");
  const before = await line();
  await page.keyboard.press("x");
  await expect.poll(line).not.toBe(before);
  await listening(page);
  const twin = await line();
  await page.keyboard.press("[");
  await expect.poll(line).not.toBe(twin);
  await listening(page);
  const easier = await line();
  await page.keyboard.press("]");
  await expect.poll(line).not.toBe(easier);
  await listening(page);
  await page.getByRole("button", { name: "Another problem" }).click();
  await page.getByRole("button", { name: /^Examples that climb/ }).click();
  const row = page.getByRole("navigation", { name: "Examples that climb" });
  await expect(row.getByRole("link", { name: /^The trap/ })).toBeVisible();
});

test("a sheet goes to a learner problem by problem, with its progress", async ({ page }) => {
  await page.goto("/sheets?skill=add-carrying-once&count=4");
  await page.getByRole("button", { name: "Keep this sheet" }).click();
  await page.waitForURL(/\/sheets\/[a-z0-9]{20}$/);
  await listening(page);
  await page.getByRole("button", { name: "To a learner" }).click();
  await page.waitForURL(/your-turn/);
  const row = page.getByRole("navigation", { name: "The problems of the sheet" });
  await expect(row.getByText("0 of 4 done")).toBeVisible();
  await row.getByRole("link", { name: "2" }).click();
  await expect(row.getByRole("link", { name: "2" })).toHaveAttribute("aria-current", "step");
});

test("a sheet goes out in every open format, and comes in from a file whole or not at all", async ({
  page,
}) => {
  await page.goto("/sheets?skill=add-ragged-decimals&count=4");
  await page.getByRole("button", { name: "Keep this sheet" }).click();
  await page.waitForURL(/\/sheets\/[a-z0-9]{20}$/);
  await listening(page);
  const lines = await page.locator("[data-sheet-problem]").allTextContents();
  await page.getByRole("button", { name: "Files" }).click();
  for (const name of ["Table (CSV)", /JSON/, /Markdown/, "LaTeX", /QTI/]) {
    const address = await page.getByRole("link", { name }).getAttribute("href");
    expect((await page.request.get(address ?? "")).status()).toBe(200);
  }
  const csv = await page.request.get(
    (await page.getByRole("link", { name: "Table (CSV)" }).getAttribute("href")) ?? "",
  );
  await page.goto("/sheets/kept");
  const file = (text: string) => ({ name: "sheet.csv", mimeType: "text/csv", buffer: Buffer.from(text) });
  await page.setInputFiles("input[type=file]", file("problem\n4 + 5\n7 ** 8\n"));
  await expect(page.getByText(/Problem 2, “7 \*\* 8”.*None of the file was taken/)).toBeVisible();
  await page.setInputFiles("input[type=file]", file(await csv.text()));
  await page.waitForURL(/\/sheets\/[a-z0-9]{20}$/);
  await expect(page.locator("[data-sheet-problem]")).toHaveText(lines);
});
