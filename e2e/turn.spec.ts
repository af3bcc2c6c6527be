import type { Page } from "@playwright/test";
import { pointOf } from "./paperPad";
import { board, expect, expectAccessible, listening, test } from "./tutor";

const press = async (page: Page, keys: string): Promise<void> => {
  for (const key of keys.split(" ")) await page.keyboard.press(key);
};

const turn = (page: Page) => ({
  soFar: page.getByRole("region", { name: "So far" }),
  answer: page.getByRole("textbox", { name: "Your answer" }),
  result: page.getByRole("status", { name: "Result" }),
  open: (problem: string, more = "") => page.goto(`/your-turn?problem=${encodeURIComponent(problem)}${more}`),
});

const nameLearner = async (page: Page, name: string): Promise<void> => {
  await page.goto("/learners");
  await page.getByRole("textbox", { name: "Name of a new learner" }).fill(name);
  await page.keyboard.press("Enter");
  await expect(page.getByRole("link", { name: new RegExp(`^${name}`) })).toBeVisible();
};

test("a column subtraction with a pattern is written by keyboard, found, replayed and kept", async ({
  page,
}) => {
  await nameLearner(page, "Juno");
  const { work } = board(page);
  await page.goto("/board");
  await work("53.2 - 17.8");
  await page.keyboard.press("t");
  await page.waitForURL(/your-turn/);
  await listening(page);
  const { soFar, answer, result } = turn(page);
  await page.getByRole("textbox", { name: "About how much?" }).fill("36");
  const first = await pointOf(page, 3, 2);
  await page.mouse.click(first.x, first.y);
  await press(page, "5 3 . 2 ArrowDown ArrowLeft ArrowLeft ArrowLeft 1 7 . 8 ArrowDown ArrowLeft r");
  await expect(soFar).toContainText("All is well so far.");
  await press(page, "6");
  await expect(soFar).toContainText("Look again at the tenths: 6 is written there.");
  await press(page, ". 4 4");
  await expect(answer).toHaveValue("44.6");
  await page.getByRole("button", { name: "How it is set" }).click();
  await page.getByRole("button", { name: "Juno" }).click();
  await page.keyboard.press("Escape");
  await answer.focus();
  await page.keyboard.press("Enter");
  await expect(result).toContainText("Not yet.");
  await expect(result).toContainText("yours was 36");
  await expect(result.getByText("35.4")).toBeHidden();
  await result.getByText("What it comes to").click();
  await expect(result.getByText("35.4")).toBeVisible();
  await expect(result).toContainText("The smaller digit is taken from the larger in each column");
  await expect(result).toContainText("The rest follows from it");
  await expect(result).toContainText("Kept in the record.");
  await expectAccessible(page);

  await result.getByRole("link", { name: "Replay it" }).first().click();
  await page.waitForURL(/wrong-way/);
  await listening(page);
  const run = page.getByRole("slider", { name: "Run" });
  await expect(page.getByText("Here it leaves the sound way")).toBeVisible();
  const departs = Number(await run.getAttribute("aria-valuenow"));
  await page.keyboard.press("End");
  await expect(page.getByRole("img", { name: /wrong way, \d+ of \d+ steps, ending in 44.6/ })).toBeVisible();
  await page.keyboard.press("Home");
  await expect(page.getByText("So far as it should be")).toBeVisible();
  expect(departs).toBeGreaterThan(1);
  await expect(page.getByText("44.6 + 17.8 = 62.4, and not 53.2.")).toBeVisible();
  await expectAccessible(page);

  await page.goto("/learners");
  await page.getByRole("link", { name: /^Juno/ }).click();
  await expect(page.getByText("53.2 − 17.8 = 44.6")).toBeVisible();
  await expect(page.getByText("Estimate 36.")).toBeVisible();
  await expectAccessible(page);
});

test("a sound subtraction anywhere on the paper is right, without carries or fillers", async ({ page }) => {
  const { open, soFar, answer, result } = turn(page);
  await open("12.03 - 4.5");
  await press(page, "ArrowDown ArrowDown ArrowRight ArrowRight 1 2 . 0 3");
  await press(page, "ArrowDown ArrowLeft ArrowLeft ArrowLeft 4 . 5 ArrowDown ArrowRight r");
  await press(page, "3 5 . 7");
  await expect(answer).toHaveValue("7.53");
  await expect(soFar).not.toContainText("Look again");
  await page.keyboard.press("Control+Enter");
  await page.keyboard.press("Enter");
  await expect(result).toContainText("Right.");
});

test("numbers out of line are told in the learner's terms, and undone without end", async ({ page }) => {
  const { open, soFar } = turn(page);
  await open("12.5 + 3.46");
  await press(page, "1 2 . 5 ArrowDown ArrowLeft 3 . 4 6");
  await expect(soFar).toContainText("The 6 of 3.46 stands under the thousandths.");
  for (let nth = 0; nth < 9; nth++) await page.keyboard.press("Control+z");
  await expect(soFar).toContainText("Set the numbers out first");
  for (let nth = 0; nth < 9; nth++) await page.keyboard.press("Control+y");
  await expect(soFar).toContainText("The 6 of 3.46 stands under the thousandths.");
  // What is half done comes back.
  await page.reload();
  await listening(page);
  await expect(soFar).toContainText("The 6 of 3.46 stands under the thousandths.");
});

test("a lattice is drawn and filled by keyboard", async ({ page }) => {
  const { open, answer, soFar, result } = turn(page);
  await open("23 × 14", "&method=lattice&fixed=1");
  // The factors along the top and down the right, the lattice under and beside them.
  await press(page, "2 3 ArrowDown 1 ArrowLeft ArrowDown 4 ArrowLeft ArrowUp ArrowLeft ArrowLeft g");
  await press(page, "0 2 0 3 ArrowLeft ArrowLeft ArrowDown 0 8 1 2");
  await expect(soFar).toContainText("All is well so far.");
  await press(page, "ArrowLeft ArrowDown d 2 2 ArrowUp 3 ArrowUp");
  await expect(soFar).not.toContainText("Look again");
  await answer.fill("322");
  await page.keyboard.press("Enter");
  await expect(result).toContainText("Right.");
});

test("a fraction sum is written with its bars, and an unfinished form is told as that", async ({ page }) => {
  const { open, answer, result } = turn(page);
  await open("1/4 + 1/4");
  await press(page, "1 / 4 ArrowUp + 1 / 4 ArrowUp = 2 / 4");
  await expect(answer).toHaveValue("2/4");
  await page.keyboard.press("Control+Enter");
  await page.keyboard.press("Enter");
  await expect(result).toContainText("The value is right: not simplified.");
});

test("columns of units are worked, with hints in three sizes", async ({ page }) => {
  const { open, answer, soFar, result } = turn(page);
  await open("8 lb 3 oz - 2 lb 9 oz");
  await press(page, "8 ArrowRight 3 ArrowDown ArrowLeft ArrowLeft ArrowLeft 2 ArrowRight 9 h");
  await expect(soFar).toContainText("Look at");
  await press(page, "h");
  await expect(soFar).toContainText("?");
  await press(page, "h");
  await expect(soFar).toContainText("The next thing to write is");
  await press(page, "ArrowDown ArrowLeft ArrowLeft ArrowLeft 5 ArrowRight 1 0");
  await expect(answer).toHaveValue("5 lb 10 oz");
  await page.keyboard.press("Control+Enter");
  await page.keyboard.press("Enter");
  await expect(result).toContainText("Right.");
});

test("an estimate that the house asks for comes before the paper opens; garbage is refused in a sentence and kept", async ({
  page,
}) => {
  const { open, answer, soFar } = turn(page);
  await open("47 + 38", "&preset=fillersTrueValue&estimateFirst=required");
  await press(page, "4 7");
  await expect(soFar).toContainText("Set the numbers out first");
  await page.getByRole("textbox", { name: /^About how much/ }).fill("90");
  await page.getByRole("img", { name: /^Your paper/ }).click();
  await press(page, "4 7");
  await expect(soFar).toContainText("All is well so far.");
  await answer.fill("ninety-ish");
  await page.keyboard.press("Enter");
  await expect(page.getByText("is not a number or a task")).toBeVisible();
  await expect(answer).toHaveValue("ninety-ish");
});

test("jumps on a number line are drawn by dragging, and one the other way is told", async ({ page }) => {
  const { open, soFar } = turn(page);
  await open("−3 + 5", "&method=number-line&fixed=1&part=setOut");
  await press(page, "j");
  const drag = async (from: number, to: number): Promise<void> => {
    const [start, end] = [await pointOf(page, from, 5), await pointOf(page, to, 5)];
    await page.mouse.move(start.x, start.y);
    await page.mouse.down();
    await page.mouse.move(end.x, end.y, { steps: 4 });
    await page.mouse.up();
  };
  await drag(9.5, 5.5);
  await expect(soFar).toContainText("The first jump goes the other way.");
  await page.keyboard.press("Control+z");
  await drag(5.5, 9.5);
  await expect(soFar).not.toContainText("jump");
});

test("an estimate that takes times for growing is told as that, though the answer is right", async ({
  page,
}) => {
  const { open, answer, result } = turn(page);
  await open("12 × 0.3");
  await page.getByRole("textbox", { name: /^About how much/ }).fill("36");
  await answer.fill("3.6");
  await page.keyboard.press("Enter");
  await expect(result).toContainText("Right.");
  await expect(result).toContainText("A product must be larger");
});

test("after a wrong answer there is another one like it, and after the end the marked paper is gone through", async ({
  page,
}) => {
  const { open, result } = turn(page);
  await open("2/3 + 3/4");
  await listening(page);
  await page.getByRole("button", { name: "How it is set" }).click();
  await page.getByRole("button", { name: "At the end" }).click();
  await page.keyboard.press("Escape");
  await press(page, "2 / 3 = 8 / 1 2 Enter 3 / 4 = 8 / 1 2 Enter 8 / 1 2 + 8 / 1 2 = 1 6 / 1 2");
  await page.getByRole("button", { name: "Hand in" }).click();
  await expect(result).toContainText("Not yet.");
  const walk = page.getByRole("region", { name: "The marked paper" });
  await expect(walk).toContainText("Part 1 of 3");
  await expect(walk).toContainText("This is right.");
  await walk.getByRole("button", { name: "The next part" }).click();
  await expect(walk).toContainText("Look again where 8 is written.");
  await walk.getByRole("button", { name: "The next part" }).click();
  await expect(walk).toContainText("This follows from what was wrong before");
  await expectAccessible(page);
  await result.getByRole("button", { name: "Another one like it" }).click();
  await expect(page.getByRole("main")).toBeVisible();
  await expect(page).toHaveURL(/problem=\d%2F\d(?:\+|%20)%2B(?:\+|%20)\d%2F\d/);
  await expect(page).not.toHaveURL(/problem=2%2F3(?:\+|%20)%2B(?:\+|%20)3%2F4/);
  await expect(page.getByRole("region", { name: "The marked paper" })).toBeHidden();
  await expect(page.getByRole("button", { name: /^\d\/\d$/ })).toHaveCount(2);
});
