import { board, expect, expectAccessible, listening, test, testApart } from "./tutor";

/** One problem of each kind beside plain decimals: what is said on the way, and what it comes to. */
const WALKS = [
  {
    typed: "2 1/3 + 1⅚",
    method: "Multiples listed",
    answer: /The answer is four and one sixth\.$/,
    estimate: "2 1/2 + 2 ≈ 4 1/2",
    says: ["2 × 3 + 1 = 7: 2 1/3 is 7/3.", "Multiples of 3: 3, 6; of 6: 6. They meet at 6."],
    check: "4 1/6 − 1 5/6 = 2 1/3",
  },
  {
    typed: "-7 - (-12) + 4",
    method: "Sign rule",
    answer: /The answer is nine\.$/,
    estimate: undefined,
    says: ["One sign where there were two: −7 + 12 + 4.", "16 lie above zero and 7 below"],
    check: "9 + (−12) − 4 = −7",
  },
  {
    typed: "$10 - $6.35",
    method: "Change by counting up",
    answer: /The answer is three dollars and sixty-five cents\.$/,
    estimate: "$10 − $6 ≈ $4",
    says: ["One 5c makes $6.35 up to $6.40.", "One 10c and two 25c make $6.40 up to $7.00."],
    check: "$3.65 + $6.35 = $10.00",
  },
  {
    typed: "54 lb 3oz - 27 lb 9 oz",
    method: "Columns by unit",
    answer: /The answer is twenty-six pounds and ten ounces\.$/,
    estimate: "54 lb − 28 lb ≈ 26 lb",
    says: ["54 lb 3 oz is also 53 lb 19 oz.", "Does the unit make sense?"],
    check: "26 lb 10 oz + 27 lb 9 oz = 54 lb 3 oz",
  },
  {
    typed: "3 × $1.85 + $0.60, from $10",
    method: "Order of operations",
    answer: /The answer is three dollars and eighty-five cents\.$/,
    estimate: "$10 − (3 × $2 + $1) ≈ $3",
    says: ["Put $5.55 back in its place: $10 − ($5.55 + $0.60).", "First what is in brackets: $5.55 + $0.60"],
    check: "$3.85 + $6.15 = $10.00, the $10 of the line before",
  },
] as const;

for (const { typed, method, answer, estimate, says, check } of WALKS) {
  test(`${typed} is walked from typing to checked answer`, async ({ page }) => {
    const { paper, say, estimate: card, run, work, kept } = board(page);
    await page.goto("/board");
    await work(typed);
    await expect(page.getByRole("button", { name: `Method ${method}` })).toBeVisible();
    if (estimate !== undefined) await expect(card).toContainText(estimate);
    const heard: string[] = [];
    const steps = Number(await run.getAttribute("aria-valuemax"));
    for (let step = 1; step <= steps; step++) {
      heard.push(await say.innerText());
      await page.keyboard.press("ArrowRight");
    }
    const all = heard.join("\n").replace(/\s+/g, " ");
    for (const line of says) expect(all).toContain(line);
    await expect(say).toContainText(check);
    await expect(paper).toHaveAccessibleName(answer);
    await expectAccessible(page);
    await expect(kept).toBeVisible();
    await page.reload();
    await listening(page);
    await expect(paper).toHaveAccessibleName(answer);
  });
}

test("a difference below zero stands on a number line beside the rule of signs", async ({ page }) => {
  const { work } = board(page);
  await page.goto("/board");
  await work("3 − 8 + 2");
  await expect(board(page).run).toBeVisible();
  await page.keyboard.press("b");
  await page.getByRole("button", { name: /^Beside it: number line/ }).click();
  const papers = page.getByRole("img", { name: /^Squared paper/ });
  await expect(papers).toHaveCount(2);
  await page.keyboard.press("End");
  for (const which of [0, 1]) {
    await expect(papers.nth(which)).toHaveAccessibleName(/The answer is minus three\.$/);
  }
  await expectAccessible(page);
});

test("a picture of fractions is drawn by the house rules and described in words", async ({ page }) => {
  const { work, say } = board(page);
  await page.goto("/board?fractionPictures=circles");
  await work("2/3 + 3/4");
  await expect(board(page).run).toBeVisible();
  for (let step = 1; step < 10; step++) await page.keyboard.press("ArrowRight");
  await expect(say).toContainText("Tops and bottoms added would make 5/7, which is less than 3/4 alone.");
  const picture = page.getByRole("region", { name: "Picture" }).getByRole("img");
  await expect(picture).toHaveAccessibleName(
    /two thirds; three quarters; five sevenths\. The last one is too small/,
  );
});

test("what can't be put together is refused in a sentence, and what was typed stays", async ({ page }) => {
  const { field, work } = board(page);
  await page.goto("/board");
  for (const [line, sentence] of [
    ["1/0 + 2", "A denominator can't be zero"],
    ["3 lb + 2 m", "Metres and pounds measure different things"],
    ["3 blorps + 2", "“blorps” is no unit here"],
    ["$3 + £2", "Dollars and pounds can't be put together"],
    ["¥3 + ¥2", "“¥” is no money that is known here"],
    ["$5 - -$3", "Leave the minus away"],
    ["((((((1+2)*3)+4)*5)+6)*7)", "Brackets can stand 5 deep at most"],
    [`1/2 + ${"1/3 + ".repeat(340)}1`, "longer than 2,000 characters"],
  ] as const) {
    await work(line);
    await expect(page.getByText(sentence)).toBeVisible();
    await expect(field).toHaveValue(line);
  }
});

testApart("a kind that can't be loaded is said, and is worked once it can", async ({ page, context }) => {
  const { run, work } = board(page);
  await page.goto("/board");
  await context.setOffline(true);
  await work("54 lb 3 oz − 27 lb 9 oz");
  await expect(page.getByText("Right Sum does not answer")).toBeVisible();
  await context.setOffline(false);
  await page.keyboard.press("/");
  await page.keyboard.press("Enter");
  await expect(run).toBeVisible();
});
