import type { Page } from "@playwright/test";
import { METHOD_IDS } from "@/core/methods";
import { board, expect, expectAccessible, listening, test } from "./tutor";

/** Chooses a method on the open board. */
async function chooseMethod(page: Page, name: string): Promise<void> {
  await page.keyboard.press("m");
  await page.getByRole("button", { name: new RegExp(`^${name}`) }).click();
  await expect(page.getByRole("button", { name: `Method ${name}` })).toBeVisible();
}

/** One problem of an operation by two methods: what is said on the way, and what it comes to. */
const WALKS = [
  {
    typed: "47.6 + 8.79",
    answer: /The answer is fifty-six and thirty-nine hundredths\.$/,
    estimate: "48 + 9 ≈ 57",
    check: "56.39 − 8.79 = 47.6",
    methods: [
      { name: "Column addition", says: "Six tenths and seven tenths make thirteen tenths" },
      {
        name: "Addition in expanded form",
        says: "6 tenths and 7 tenths make 13 tenths, 1.3: 0.3 stays, 1 is carried on to the ones.",
      },
    ],
  },
  {
    typed: "53.2 - 27.85",
    answer: /The answer is twenty-five and thirty-five hundredths\.$/,
    estimate: "53 − 28 ≈ 25",
    check: "25.35 + 27.85 = 53.2",
    methods: [
      { name: "Subtraction in expanded form", says: "Borrow: 0.2 is the same as 0.1 and 0.10." },
      { name: "Counting up", says: "From 27.85 up 0.05 to 27.9." },
    ],
  },
  {
    typed: "0.06 * 0.3",
    answer: /The answer is eighteen thousandths\.$/,
    // It is a fact already: roughly would only say it again.
    estimate: undefined,
    check: "0.018 ÷ 0.3 = 0.06",
    methods: [
      {
        name: "Column multiplication",
        says: "3 places and a digit before the point: 18 has too few digits, so put 2 zeros in front.",
      },
      {
        name: "Lattice",
        says: "3 tenths times 6 hundredths make 18 thousandths: 1 above the diagonal, 8 below.",
      },
    ],
  },
  {
    typed: "7.2 / 0.08",
    answer: /The answer is ninety\.$/,
    estimate: undefined,
    check: "90 × 0.08 = 7.2",
    methods: [
      { name: "Long division", says: "The divisor 0.08 is not whole. Multiply both by 100: 720 ÷ 8." },
      { name: "Short division", says: "72 tens among 8: 9 tens each." },
    ],
  },
] as const;

for (const { typed, answer, estimate, check, methods } of WALKS) {
  test(`${typed} is walked from typing to checked answer by two methods`, async ({ page }) => {
    const { paper, say, estimate: card, work } = board(page);
    await page.goto("/board");
    await work(typed);
    if (estimate !== undefined) await expect(card).toContainText(estimate);
    for (const { name, says } of methods) {
      await chooseMethod(page, name);
      await page.keyboard.press("Home");
      const heard: string[] = [];
      const steps = Number(await board(page).run.getAttribute("aria-valuemax"));
      for (let step = 1; step <= steps; step++) {
        heard.push(await say.innerText());
        await page.keyboard.press("ArrowRight");
      }
      expect(heard.join("\n").replace(/\s+/g, " ")).toContain(says);
      await expect(paper).toHaveAccessibleName(answer);
      await expect(say).toContainText(check);
      await expect(page.getByRole("img", { name: /worked in columns|, worked/ })).toBeVisible();
    }
    if (estimate === undefined) await expect(card).toHaveCount(0);
    await expectAccessible(page);
  });
}

test("a quotient in comma notation, in the corner, recurs and is checked", async ({ page }) => {
  const { paper, say, field, work } = board(page);
  await page.goto("/board?preset=commaBelow");
  await work("10,4 : 0,3");
  await page.keyboard.press("End");
  await expect(paper).toHaveAccessibleName(/The answer is thirty-four comma six recurring\.$/);
  await expect(say).toContainText("34,6 · 0,3 + 0,02 = 10,4, the dividend.");
  await expect(field).toHaveValue("10,4 : 0,3");
});

test("the form of the answer is chosen, and stands in the problem", async ({ page }) => {
  const { paper, field, work } = board(page);
  await page.goto("/board");
  await work("25 : 4");
  await page.keyboard.press("End");
  await expect(paper).toHaveAccessibleName(/The answer is six and twenty-five hundredths\.$/);
  await page.getByRole("button", { name: "Answer as it comes" }).click();
  await page.getByRole("button", { name: /^With remainder/ }).click();
  await expect(field).toHaveValue("25 ÷ 4 with remainder");
  await expect(paper).toHaveAccessibleName(/The answer is six, remainder one\.$/);
  await page.keyboard.press("a");
  await page.getByRole("button", { name: /^As a mixed number/ }).click();
  await expect(paper).toHaveAccessibleName(/The answer is six and one quarter\.$/);
  await expect(page.getByText("Kept", { exact: true })).toBeVisible();
  await page.reload();
  await expect(field).toHaveValue("25 ÷ 4 as a mixed number");
});

test("tasks that are not sums are rounded and compared", async ({ page }) => {
  const { paper, work } = board(page);
  await page.goto("/board");
  await work("round 3.748 to tenths");
  await page.keyboard.press("End");
  await expect(paper).toHaveAccessibleName(/The answer is about three and seven tenths\.$/);
  await work("compare 0.45 and 0.405");
  await page.keyboard.press("End");
  await expect(paper).toHaveAccessibleName(
    /forty-five hundredths is more than four hundred five thousandths\.$/,
  );
});

test("two boards stand side by side, stepped together by stage, and are kept so", async ({ page }) => {
  const { work } = board(page);
  await page.goto("/board");
  await work("2.35 × 14");
  await page.keyboard.press("b");
  await page.getByRole("button", { name: /^Beside it: area/ }).click();
  const papers = page.getByRole("img", { name: /^Squared paper/ });
  await expect(papers).toHaveCount(2);
  await expect(papers.nth(1)).toHaveAccessibleName(/, 1 of \d+ steps done\.$/);
  await page.keyboard.press("End");
  for (const which of [0, 1]) {
    await expect(papers.nth(which)).toHaveAccessibleName(/The answer is thirty-two and nine tenths\.$/);
  }
  await expectAccessible(page);
  await expect(page.getByText("Kept", { exact: true })).toBeVisible();
  await page.reload();
  await listening(page);
  await expect(papers).toHaveCount(2);
  await page.keyboard.press("b");
  await page.getByRole("button", { name: /^One board/ }).click();
  await expect(papers).toHaveCount(1);
});

test("the calculator keys a problem in by itself, and shows where eight digits end", async ({ page }) => {
  const { work } = board(page);
  await page.goto("/board");
  await work("2 ÷ 3");
  await page.keyboard.press("c");
  const calculator = page.getByRole("dialog", { name: "Pocket calculator" });
  await expectAccessible(page);
  await calculator.getByRole("button", { name: "Key this problem in" }).click();
  await expect(calculator.getByLabel("Display")).toHaveText("0.6666666");
  await expect(calculator).toContainText("the rest is dropped");
  for (const key of ["clear", "7", "point", "5", "times", "2", "equals"]) {
    await calculator.getByRole("button", { name: key, exact: true }).click();
  }
  await expect(calculator.getByLabel("Display")).toHaveText("15");
  await page.keyboard.type("3+4=");
  await expect(calculator.getByLabel("Display")).toHaveText("7");
  await page.keyboard.press("Escape");
  await expect(calculator).toBeHidden();
});

test("the problem and the working are copied out as text, MathML and LaTeX, the board as SVG and PNG", async ({
  page,
  context,
}) => {
  await context.grantPermissions(["clipboard-read", "clipboard-write"]);
  const { work } = board(page);
  await page.goto("/board");
  await work("1.5 × 0.4");
  await page.keyboard.press("End");
  await page.keyboard.press("o");
  const panel = page.getByRole("dialog", { name: "Copy out" });
  const copied = async (named: string): Promise<string> => {
    await panel.getByRole("button", { name: named }).click();
    await expect(panel.getByRole("status")).toHaveText(`${named}: copied.`);
    return page.evaluate(() => navigator.clipboard.readText());
  };
  expect(await copied("Problem as text")).toBe("1.5 × 0.4 = 0.6");
  expect(await copied("Problem as LaTeX")).toBe("1.5 \\times 0.4 = 0.6");
  expect(await copied("Problem as MathML")).toContain("<mn>1.5</mn><mo>×</mo><mn>0.4</mn>");
  expect(await copied("Working as text")).toContain("Count the places after the point: 1 + 1 = 2.");
  expect(await copied("Working as LaTeX")).toContain("\\begin{array}");
  expect(await copied("Working as MathML")).toContain("<mtable>");
  for (const [button, file] of [
    ["Board as SVG, saved", "board.svg"],
    ["Board as PNG, saved", "board.png"],
  ] as const) {
    const saving = page.waitForEvent("download");
    await panel.getByRole("button", { name: button }).click();
    const download = await saving;
    expect(download.suggestedFilename()).toBe(file);
    const stream = await download.createReadStream();
    let bytes = 0;
    for await (const chunk of stream) bytes += chunk.length;
    expect(bytes).toBeGreaterThan(1000);
  }
});

test("the palette writes the signs that are hard to type where the cursor is", async ({ page }) => {
  const { field } = board(page);
  await page.goto("/board");
  await field.fill("7.2");
  const palette = page.getByRole("toolbar", { name: "Signs" });
  await palette.getByRole("button", { name: "divided by" }).click();
  await page.keyboard.type("0.7");
  await palette.getByRole("button", { name: "to 2 places" }).click();
  await expect(field).toHaveValue("7.2 ÷ 0.7 to 2 places");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("button", { name: "Answer to hundredths" })).toBeVisible();
});

test("monsters and slips of the keys get a sentence or an answer with an end", async ({ page }) => {
  const { field, paper, work } = board(page);
  await page.goto("/board");
  const complaint = page.locator("form [aria-live]");
  await field.fill("5 ÷ 0");
  await expect(complaint).toContainText("Nothing can be divided by zero");
  await field.fill(`1 + ${"9".repeat(2500)}`);
  await expect(complaint).toContainText("longer than 2,000 characters");
  await work("1 ÷ 9967");
  await page.keyboard.press("End");
  await expect(paper).toHaveAccessibleName(/The answer is about .*\.$/);
  await work("123456789012345.123456789012345 × 987654321098765.987654321098765");
  await page.keyboard.press("End");
  await expect(paper).toHaveAccessibleName(/, (\d+) of \1 steps done/);
});

test("the methods page says who prefers each, and opens its board", async ({ page }) => {
  await page.goto("/board?problem=2.35+%C3%97+14");
  await page.keyboard.press("m");
  await page.getByRole("link", { name: "Who prefers which, and why" }).click();
  await expect(page.getByRole("heading", { name: "Methods", level: 1 })).toBeVisible();
  await expect(page.getByRole("article")).toHaveCount(METHOD_IDS.length);
  await expect(page.getByRole("article").filter({ hasText: "Lattice" })).toContainText("kept apart");
  await expectAccessible(page);
  await page.getByRole("link", { name: "Step through 12.5 × 0.46 by lattice" }).click();
  await expect(page.getByRole("button", { name: "Method Lattice" })).toBeVisible();
});

test("the parts of a division are named in the margin", async ({ page }) => {
  const { work } = board(page);
  await page.goto("/board");
  await work("7.2 ÷ 0.08");
  const parts = page.getByRole("region", { name: "Names" });
  await expect(parts).toContainText("Dividend7.2");
  await expect(parts).toContainText("Divisor0.08");
  await expect(parts).toContainText("Quotient?");
  await page.keyboard.press("End");
  await expect(parts).toContainText("Quotient90");
});

test("each switch of the house rules shows what it changes", async ({ page }) => {
  await page.goto("/house-rules");
  const layout = page.getByRole("radiogroup", { name: "The divisor stands" });
  const sample = page.getByRole("img", { name: /The divisor stands/ });
  const before = await sample.innerHTML();
  await layout.getByText("in a right-hand corner").click();
  await expect.poll(() => sample.innerHTML()).not.toBe(before);
  await expect(page.getByRole("status")).toHaveText("Kept");
  await expectAccessible(page);
  await page.goto("/board?problem=86+%C3%B7+7");
  await page.keyboard.press("r");
  await page.getByRole("radio", { name: /Fillers, true values/ }).click();
  await expect(page.getByRole("radio", { name: "before a bracket" })).toBeChecked();
});
