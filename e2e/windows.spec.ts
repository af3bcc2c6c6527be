import type { Page } from "@playwright/test";
import { board, expect, listening, test } from "./tutor";

const problems = ["4.7 + 3.8", "386 + 247", "53.2 − 17.8", "705 − 231"];

test("two windows on one sheet: both keep what they did, and each sees the other's", async ({
  page,
  context,
}) => {
  await page.goto("/marking");
  const add = async (window: typeof page, lines: readonly string[]): Promise<void> => {
    for (const line of lines) {
      await window.getByRole("textbox", { name: "Next problem" }).fill(line);
      await window.keyboard.press("Enter");
      await expect(
        window.getByRole("rowheader", { name: new RegExp(line.replace(/[+.−]/g, "\\$&")) }),
      ).toBeVisible();
    }
  };
  await add(page, problems.slice(0, 2));
  await page.getByRole("combobox", { name: "Next learner" }).fill("Wim");
  await page.keyboard.press("Enter");
  await expect(page.getByText("Kept", { exact: true })).toBeVisible();

  const other = await context.newPage();
  await other.goto(page.url());
  await listening(other);
  await add(other, problems.slice(2));
  const answer = (window: typeof page, line: string) => window.getByRole("textbox", { name: `Wim, ${line}` });
  await answer(other, "53.2 − 17.8").fill("35.4");
  await other.keyboard.press("Enter");
  await answer(other, "705 − 231").fill("474");
  await other.keyboard.press("Enter");
  await expect(other.getByText("Kept", { exact: true })).toBeVisible();

  // The first window adds a learner from what it knew: nothing of the other's is lost, and it is shown.
  await page.getByRole("combobox", { name: "Next learner" }).fill("Xan");
  await page.keyboard.press("Enter");
  await expect(answer(page, "705 − 231")).toHaveValue("474");
  await expect(other.getByRole("columnheader", { name: /Xan/ })).toBeVisible();
  await page.reload();
  await listening(page);
  await expect(answer(page, "53.2 − 17.8")).toHaveValue("35.4");
  await expect(page.getByRole("rowheader")).toHaveCount(4);

  // A row taken away in one window takes its answers along, and they are beside it when it is back.
  await answer(page, "4.7 + 3.8").fill("8.5");
  await page.keyboard.press("Enter");
  await expect(answer(other, "4.7 + 3.8")).toHaveValue("8.5");
  await other.getByRole("button", { name: "Take away row 1" }).click();
  await expect(answer(page, "4.7 + 3.8")).toHaveCount(0);
  await expect(answer(page, "705 − 231")).toHaveValue("474");
  await other.getByRole("button", { name: "Undo" }).click();
  await expect(answer(page, "4.7 + 3.8")).toHaveValue("8.5");
});

test("one square written in two windows: the second is asked, and neither answer is lost before", async ({
  page,
  context,
}) => {
  await page.goto("/marking");
  await page.getByRole("textbox", { name: "Next problem" }).fill("4.7 + 3.8");
  await page.keyboard.press("Enter");
  await page.getByRole("combobox", { name: "Next learner" }).fill("Yve");
  await page.keyboard.press("Enter");
  await expect(page.getByText("Kept", { exact: true })).toBeVisible();
  const other = await context.newPage();
  await other.goto(page.url());
  await listening(other);
  const answer = (window: typeof page) => window.getByRole("textbox", { name: "Yve, 4.7 + 3.8" });
  // The other window hears of nothing for a while.
  await context.route("**/api/**", (route) => route.abort());
  await answer(other).fill("7.5");
  await other.keyboard.press("Enter");
  await expect(other.getByText("Not all is kept yet")).toBeVisible();
  await context.unroute("**/api/**");
  await answer(page).fill("8.5");
  await page.keyboard.press("Enter");
  await expect(page.getByText("✓ right")).toBeVisible();
  const asked = other.getByText("Not kept: another window has 8.5.");
  await expect(asked).toBeVisible();
  await expect(answer(other)).toHaveValue("7.5");
  await expect(answer(page)).toHaveValue("8.5");
  await other.getByRole("button", { name: "Keep this one: Yve, 4.7 + 3.8" }).click();
  await expect(answer(page)).toHaveValue("7.5");
  await expect(other.getByText("Kept", { exact: true })).toBeVisible();
});

test("an answer too long to be kept is told at its square, stands in nobody's way, and comes back", async ({
  page,
}) => {
  await page.goto("/marking");
  for (const line of problems.slice(0, 2)) {
    await page.getByRole("textbox", { name: "Next problem" }).fill(line);
    await page.keyboard.press("Enter");
  }
  await page.getByRole("combobox", { name: "Next learner" }).fill("Zia");
  await page.keyboard.press("Enter");
  const answer = (line: string) => page.getByRole("textbox", { name: `Zia, ${line}` });
  await answer("4.7 + 3.8").fill("9".repeat(230));
  await page.keyboard.press("Enter");
  await expect(page.getByText("Not kept: An answer has at most 200 characters.").first()).toBeVisible();
  await expect(page.getByText("Not all is kept yet")).toBeVisible();
  await answer("386 + 247").fill("633");
  await page.keyboard.press("Enter");
  await expect(page.getByText("✓ right")).toBeVisible();
  // Leaving asks; what was typed is there again afterwards.
  const asked = new Promise<string>((resolve) =>
    page.once("dialog", (dialog) => {
      resolve(dialog.type());
      void dialog.accept();
    }),
  );
  await page.reload();
  expect(await asked).toBe("beforeunload");
  await listening(page);
  await expect(answer("4.7 + 3.8")).toHaveValue("9".repeat(230));
  await expect(answer("386 + 247")).toHaveValue("633");
  await answer("4.7 + 3.8").fill("8.5");
  await page.keyboard.press("Enter");
  await expect(page.getByText("Kept", { exact: true })).toBeVisible();
});

test("a whole column pasted is kept at once, and marked after; closing loses none of it", async ({
  page,
  context,
}) => {
  await page.goto("/marking");
  const file = (text: string) => ({ name: "sheet.csv", mimeType: "text/csv", buffer: Buffer.from(text) });
  const lines = Array.from({ length: 60 }, (_, nth) => `${nth + 20}.5 + 3.8`);
  await page
    .getByLabel("Read CSV")
    .setInputFiles(
      file(`problem,Ann,Ben\n${lines.map((line, nth) => `${line},${nth + 24}.3,7`).join("\n")}`),
    );
  await page.getByRole("button", { name: "Put it on the sheet" }).click();
  await expect(page.getByText(/^Kept\. Marking \d+ of 120…$/)).toBeVisible();
  await page.getByRole("button", { name: "Stop" }).click();
  await expect(page.getByText(/of 120 marked; all are kept/)).toBeVisible();
  const address = page.url();
  await page.close();
  const again = await context.newPage();
  await again.goto(address);
  await listening(again);
  await expect(again.getByText("Kept", { exact: true })).toBeVisible();
  await expect(again.getByRole("textbox", { name: `Ann, ${lines[0]}` })).toHaveValue("24.3");
  await expect(again.getByText("✓ right").first()).toBeVisible();
});

test("the tutor's note stays when another explanation is taken by key", async ({ page }) => {
  await page.goto("/marking");
  await page.getByRole("textbox", { name: "Next problem" }).fill("53.2 − 17.8");
  await page.keyboard.press("Enter");
  await page.getByRole("combobox", { name: "Next learner" }).fill("Uma");
  await page.keyboard.press("Enter");
  const answer = page.getByRole("textbox", { name: "Uma, 53.2 − 17.8" });
  await answer.fill("45.4");
  await page.keyboard.press("Enter");
  await expect(page.getByText(/^✗/)).toBeVisible();
  await answer.focus();
  await page.getByRole("textbox", { name: "Your own note" }).fill("Ask for the working");
  await page.keyboard.press("Enter");
  await expect(page.getByText("✗ Ask for the working")).toBeVisible();
  await answer.focus();
  await page.keyboard.press("Alt+ArrowDown");
  await expect(page.getByText("Kept", { exact: true })).toBeVisible();
  await page.reload();
  await listening(page);
  await expect(page.getByText("✗ Ask for the working")).toBeVisible();
});

test("a board in two windows: steps follow, and what both changed is asked about", async ({
  page,
  context,
}) => {
  const { work, run, kept } = board(page);
  await page.goto("/board");
  await work("8.7 + 5.6");
  await expect(kept).toBeVisible();
  const other = await context.newPage();
  await other.goto(page.url());
  await listening(other);
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press("ArrowRight");
  await expect(board(other).run).toHaveAttribute("aria-valuenow", "3");
  await expect(run).toHaveAttribute("aria-valuenow", "3");
  await expect(board(other).kept).toBeVisible();
});

test("house rules changed in two windows: each keeps the switch it changed", async ({ page, context }) => {
  await page.goto("/house-rules");
  const other = await context.newPage();
  await other.goto("/house-rules");
  await listening(other);
  await page
    .getByRole("radiogroup", { name: "Recurring" })
    .or(page.getByRole("radiogroup", { name: "Digits that recur" }))
    .getByText("dots")
    .click();
  await expect(page.getByText("Kept", { exact: true })).toBeVisible();
  await other.getByRole("radiogroup", { name: "Zeros at the end" }).getByText("kept").click();
  await expect(other.getByText("Kept", { exact: true })).toBeVisible();
  await page.reload();
  await listening(page);
  await expect(
    page.getByRole("radiogroup", { name: "Digits that recur" }).getByRole("radio", { name: /dots/ }),
  ).toBeChecked();
  await expect(
    page.getByRole("radiogroup", { name: "Zeros at the end" }).getByRole("radio", { name: /kept/ }),
  ).toBeChecked();
});

test("a story of the tutor's own in two windows: what both changed is chosen, what was typed comes back after a reload", async ({
  page,
  context,
}) => {
  const text = (of: Page) => of.getByLabel("The story, with its question");
  const keep = (of: Page) => of.getByRole("button", { name: "Keep this story" }).press("Enter");
  const kept = (of: Page) => of.getByText("Kept", { exact: true });
  await page.goto("/stories/own");
  await text(page).fill("Ada sells 3 bells at 2 each. What do they cost altogether?");
  await keep(page);
  await expect(kept(page)).toBeVisible();
  const mine = (of: Page) => of.getByRole("complementary", { name: "Your stories" });
  const other = await context.newPage();
  await other.goto("/stories/own");
  await listening(other);
  await mine(other)
    .getByRole("button", { name: /^Ada sells 3/ })
    .click();
  await text(other).fill("Ada sells 4 bells at 2 each. What do they cost altogether?");
  // What was not kept yet is there again after a reload.
  await other.reload();
  await listening(other);
  await mine(other)
    .getByRole("button", { name: /^Ada sells 3/ })
    .click();
  await expect(text(other)).toHaveValue(/^Ada sells 4/);
  await text(page).fill("Ada sells 5 bells at 2 each. What do they cost altogether?");
  await keep(page);
  await expect(kept(page)).toBeVisible();
  await keep(other);
  await expect(other.getByText("Not kept: changed in another window")).toBeVisible();
  await other.getByRole("button", { name: "Show that one" }).click();
  await expect(text(other)).toHaveValue(/^Ada sells 5/);
  await text(other).fill("Ada sells 6 bells at 2 each. What do they cost altogether?");
  await keep(other);
  await expect(kept(other)).toBeVisible();
  // The first window, where nothing is being written, shows it by itself.
  await page.bringToFront();
  await expect(text(page)).toHaveValue(/^Ada sells 6/);
});
