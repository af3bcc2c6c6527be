import { board, expect, expectAccessible, test } from "./tutor";

test("a sum is typed, stepped through to its answer and back, with words and checks", async ({ page }) => {
  const { field, paper, say, why, run, estimate, work, kept } = board(page);
  await page.goto("/board");
  await expect(field).toBeFocused();
  await work("40.3 + 7.865 + 12");

  await expect(say).toContainText("First, roughly: 40 + 8 + 12 makes about 60.");
  await expect(estimate).toContainText("40 + 8 + 12 ≈ 60");
  await page.keyboard.press("ArrowRight");
  await expect(say).toContainText("Write the addend 40.3 with its point on the plumb line.");
  for (let step = 0; step < 8; step++) await page.keyboard.press("ArrowRight");
  await expect(run).toHaveAttribute("aria-valuenow", "10");
  await expect(say).toContainText("Three tenths and eight tenths make eleven tenths: one tenth stays");
  await expect(why).toContainText("11 tenths are one whole and one tenth");
  await page.keyboard.press("ArrowLeft");
  await expect(say).toContainText("Six hundredths and nothing more: write 6.");

  await page.keyboard.press("End");
  await expect(say).toContainText("60.165 − 12 = 48.165");
  await expect(paper).toHaveAccessibleName(/The answer is sixty and one hundred sixty-five thousandths\.$/);
  await expect(page.getByRole("img", { name: "60.165 − 12, worked in columns" })).toBeVisible();
  await page.keyboard.press("Home");
  await expect(run).toHaveAttribute("aria-valuenow", "1");
  await expect(kept).toBeVisible();
  await expectAccessible(page);
});

test("a difference across zeros in one school's hand, then in another's", async ({ page }) => {
  const { field, say, run, work } = board(page);
  await page.goto("/board");
  await work("5 − 2.004");
  for (let step = 0; step < 6; step++) await page.keyboard.press("ArrowRight");
  await expect(say).toContainText(
    "Borrow one whole: it is nine tenths, nine hundredths and ten thousandths.",
  );

  await page.keyboard.press("r");
  const rules = page.getByRole("dialog", { name: "House rules of this board" });
  await rules.getByRole("radio", { name: /Comma, carries below/ }).click();
  await expect(field).toHaveValue("5 − 2,004");
  await expect(page.getByRole("button", { name: "Method Making up" })).toBeVisible();
  await rules.getByRole("radiogroup", { name: "Taking away is by" }).getByText("decomposition").click();
  await rules.getByRole("radiogroup", { name: "Across a run of zeros" }).getByText("place by place").click();
  await expectAccessible(page);
  await page.keyboard.press("Escape");
  await expect(rules).toBeHidden();
  await page.keyboard.press("Home");
  for (let step = 0; step < 7; step++) await page.keyboard.press("ArrowRight");
  await expect(say).toContainText("borrow 1 from the 5. The 5 becomes 4 and the 0 becomes 10.");
  await page.keyboard.press("End");
  await expect(say).toContainText("2,996 + 2,004 = 5,000");
  await expect(run).toHaveAttribute("aria-valuetext", /Step \d+ of \d+/);
});

test("what can't be read is explained under its place, and what is ambiguous is asked", async ({ page }) => {
  const { field, say } = board(page);
  await page.goto("/board");
  await field.fill("4..2 + 1");
  await expect(page.getByText("This number has a second point.")).toBeVisible();
  await field.fill("round 3,748 to tenths");
  await expect(page.getByText("Choose what you mean, or change the house rules.")).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press("Enter");
  await expect(field).toHaveValue("round 3,748 to tenths");
  await page.getByRole("button", { name: "round 3.748 to tenths" }).click();
  await expect(say).toContainText("Write 3.748.");
});

test("a reload and the list both find the board where it was", async ({ page }) => {
  const { field, say, run, work, kept } = board(page);
  await page.goto("/board");
  await work("29.5 - 26.175");
  for (let step = 0; step < 5; step++) await page.keyboard.press("ArrowRight");
  await page.getByRole("switch", { name: "Say line" }).press("n");
  await expect(kept).toBeVisible();
  const words = await say.innerText();
  await page.reload();
  await expect(field).toHaveValue("29.5 - 26.175");
  await expect(run).toHaveAttribute("aria-valuenow", "6");
  expect(await say.innerText()).toBe(words);

  await page.goto("/");
  await page.getByRole("searchbox", { name: "Find a board" }).fill("29.5−26");
  await page.keyboard.press("Enter");
  await page.getByRole("link", { name: "29.5 - 26.175" }).click();
  await expect(run).toHaveAttribute("aria-valuenow", "6");
});

test("the estimate waits until the learner has made one", async ({ page }) => {
  const { ask, say, estimate, work } = board(page);
  await page.goto("/board");
  await page.getByRole("switch", { name: "Estimate waits for the learner's" }).click();
  await work("18.99 + 7.5 + 12");
  await expect(ask).toContainText("About how much is 18.99 + 7.5 + 12?");
  await expect(page.getByText("≈")).toHaveCount(0);
  await estimate.getByRole("textbox").fill("forty");
  await estimate.getByRole("button", { name: "Compare" }).click();
  await expect(estimate).toContainText("“forty” is not a number");
  await estimate.getByRole("textbox").fill("40");
  await page.keyboard.press("Enter");
  await expect(estimate).toContainText("You said 40: above the rounded one.");
  await expect(say).toContainText("about 39");
  await page.getByRole("switch", { name: "Estimate waits for the learner's" }).click();
});

test("the keys alone do everything, and the help lists them", async ({ page }) => {
  const { field, say, ask, run, work } = board(page);
  await page.goto("/board");
  await work("12.06 + 3.9");
  await page.keyboard.press("s");
  await expect(ask).toBeVisible();
  await page.keyboard.press("s");
  await expect(say).toBeVisible();
  await expect(page.getByText("hundredths", { exact: true })).toBeVisible();
  await page.keyboard.press("n");
  await expect(page.getByText("hundredths", { exact: true })).toBeHidden();
  await page.keyboard.press("n");
  const width = async (): Promise<number> => (await board(page).paper.boundingBox())?.width ?? 0;
  const before = await width();
  for (let size = 0; size < 4; size++) await page.keyboard.press("+");
  expect(await width()).toBeGreaterThan(before);
  for (let size = 0; size < 4; size++) await page.keyboard.press("-");
  await page.keyboard.press("m");
  await expect(page.getByRole("button", { name: /^Column addition/ })).toHaveAttribute(
    "aria-pressed",
    "true",
  );
  await expect(page.getByRole("button", { name: /^Subtraction by decomposition/ })).toHaveCount(0);
  await page.keyboard.press("Escape");
  await page.keyboard.press("?");
  await expect(page.getByRole("dialog", { name: "Keys of the board" })).toContainText("Step back");
  await expectAccessible(page);
  await page.keyboard.press("Escape");
  await page.keyboard.press("p");
  await page.keyboard.press(" ");
  await expect(page.getByRole("button", { name: "Pause" })).toBeVisible();
  await page.keyboard.press(" ");
  await page.keyboard.press("/");
  await expect(field).toBeFocused();
  await page.keyboard.type("1 + 1");
  await page.keyboard.press("Escape");
  await expect(field).toHaveValue("12.06 + 3.9");
  await expect(run).toHaveAttribute("aria-valuenow", "1");
});

test("the run is clicked and dragged, and plays by itself to the end", async ({ page }) => {
  const { run, work } = board(page);
  await page.goto("/board");
  await work("2.5 + 1.25");
  const ticks = run.locator("[data-step]");
  await ticks.nth(4).click();
  await expect(run).toHaveAttribute("aria-valuenow", "5");
  const [from, to] = [await ticks.nth(4).boundingBox(), await ticks.nth(8).boundingBox()];
  if (from === null || to === null) throw new Error("the run has too few ticks");
  await page.mouse.move(from.x + 4, from.y + 4);
  await page.mouse.down();
  await page.mouse.move(to.x + to.width / 2, to.y + 4, { steps: 5 });
  await page.mouse.up();
  await expect(run).toHaveAttribute("aria-valuenow", "9");

  await page.getByRole("button", { name: /^Pace/ }).click();
  await page.getByRole("button", { name: /^Pace/ }).click();
  await expect(page.getByRole("button", { name: "Pace: 2 seconds a step" })).toBeVisible();
  await page.keyboard.press("End");
  await page.keyboard.press("ArrowLeft");
  const last = await run.getAttribute("aria-valuemax");
  await page.getByRole("button", { name: "Play" }).click();
  await expect(run).toHaveAttribute("aria-valuenow", last ?? "");
  await expect(page.getByRole("button", { name: "Play" })).toBeVisible();
});

test("fifteen digits on each side stay on the paper, with the column at work in sight", async ({ page }) => {
  const { work, say } = board(page);
  await page.goto("/board");
  await work("999999999999999.999999999999999 + 123456789012345.5");
  await page.keyboard.press("End");
  await expect(say).toContainText("1123456789012345.499999999999999");
  const room = page.getByRole("region", { name: "Squared paper" });
  for (let step = 0; step < 6; step++) await page.keyboard.press("ArrowLeft");
  await expect.poll(() => room.evaluate((element) => element.scrollLeft)).toBeLessThan(200);
  await expectAccessible(page);
});
