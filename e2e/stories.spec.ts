import { choicesOf, PRESETS } from "@/core/house";
import { answerOf } from "@/core/methods";
import { writeAnswer } from "@/core/problem";
import { drawStory, STORY_KINDS, wrongLines } from "@/core/stories";
import { WORKSHOP } from "@/core/wording";
import { storyProbeShown } from "@/service/requests";
import { expect, expectAccessible, listening, test } from "./tutor";

test("a word problem is read, its givens are underlined and what is not needed is struck, then it is worked on the Board and answered in a sentence", async ({
  page,
}) => {
  await page.goto("/stories");
  await page.getByRole("link", { name: "A number that is not needed", exact: true }).press("Enter");
  await expect(page.getByRole("heading", { name: "A number that is not needed" })).toBeVisible();
  await listening(page);
  const text = page.locator("main p").first();
  const before = await text.innerText();
  await page.getByRole("button", { name: "Underline what is given" }).press("Enter");
  await expect(text.locator("u")).toHaveCount(2);
  await expect(text.locator("s")).toHaveText(/^\d+ g$/);
  expect(await text.innerText()).toBe(before);
  await page.getByRole("button", { name: "Draw it" }).press("Enter");
  await expect(page.getByRole("img", { name: /^Bars to scale: .*\?$/ })).toBeVisible();
  await page.getByRole("button", { name: "How it is worked" }).press("Enter");
  const prices = await text.locator("u").allTextContents();
  await expect(page.getByRole("region", { name: "How it is worked" })).toContainText(prices.join(" + "));
  await page.getByRole("button", { name: "The answer" }).press("Enter");
  await expect(page.getByText(/^Together they cost \$\d/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole("link", { name: "Another one" }).press("Enter");
  await expect.poll(() => text.innerText()).not.toBe(before);
  await listening(page);
  await page.getByRole("button", { name: "How it is worked" }).press("Enter");
  await page.getByRole("link", { name: "On the Board" }).press("Enter");
  await page.waitForURL(/\/board\?problem=/);
});

test("a learner's story: givens tapped, a wrong structure and a word taken for the operation, each told by itself; then all is right", async ({
  page,
}) => {
  await page.goto("/stories?kind=how-much-dearer&seed=3");
  await page.getByRole("link", { name: "To a learner" }).click();
  await page.waitForURL(/\/stories\/turn/);
  await listening(page);
  const text = page.locator("main p").first();
  const [dear = "", cheap = ""] = await text.getByRole("button").allTextContents();
  for (const given of await text.getByRole("button").all()) await given.press("Enter");
  await page.getByText("Equal groups", { exact: true }).click();
  const tiles = page.getByRole("region", { name: "What will you work?" });
  const line = page.getByLabel("What you will work");
  for (const tile of [dear, "+", cheap]) await tiles.getByRole("button", { name: tile, exact: true }).click();
  await expect(line).toHaveValue(`${dear} + ${cheap}`);
  const cents = (money: string): number => Math.round(100 * Number(money.replace(/[^\d.]/g, "")));
  const money = (value: number): string => `$${(value / 100).toFixed(2)}`;
  await page.getByLabel("Your answer").fill(money(cents(dear) + cents(cheap)));
  await page.getByRole("button", { name: "Hand it in" }).press("Enter");
  const work = page.getByRole("region", { name: "Your work" });
  await expect(work.getByRole("listitem").filter({ hasText: "The numbers" })).toContainText(
    "These are the numbers that the question needs.",
  );
  await expect(work).toContainText("Not equal groups: comparing.");
  await expect(work).toContainText("A word taken for the operation.");
  await expect(work).toContainText("Worked rightly, but something else was worked than is asked.");
  await work.getByText("For your tutor").click();
  await expect(work).toContainText("Draw what is known and what is asked");
  await expectAccessible(page);

  // What was done is there again after the lid was closed.
  await page.reload();
  await listening(page);
  await expect(line).toHaveValue(`${dear} + ${cheap}`);
  await page.getByRole("radio", { name: /Equal groups/ }).press("ArrowLeft");
  await line.fill(`${dear} - ${cheap}`);
  await page.getByLabel("Your answer").fill(`It costs ${money(cents(dear) - cents(cheap))} more.`);
  await page.getByRole("button", { name: /costs … more/ }).click();
  await page.getByRole("button", { name: "Hand it in" }).click();
  await expect(work.getByLabel("Right")).toHaveCount(5);
  await page.getByRole("link", { name: "Work it on squared paper" }).click();
  await page.waitForURL(/\/your-turn\?problem=/);
});

test("a stock list of the tutor's own is brought as CSV, looked at, kept and used; deleted, it comes back", async ({
  page,
}) => {
  await page.goto("/stories/stock");
  await listening(page);
  await expect(page.getByRole("button", { name: /Bicycle workshop/ })).toHaveAttribute(
    "aria-pressed",
    "true",
  );
  await page.getByRole("button", { name: "A new list" }).press("Enter");
  await page.getByLabel("The name of the list").fill("Garden");
  await page.locator("textarea").fill("rose,roses,3,9\nrake,rakes,9,4\nspade,spades,12,30");
  await expect(page.getByRole("list", { name: "Lines that are not taken" })).toContainText(
    "the smaller one first",
  );
  await expect(page.getByRole("row").filter({ hasText: "spade" })).toContainText("12.00 to 30.00");
  await page.getByRole("button", { name: "Keep 2 things" }).press("Enter");
  await page.getByRole("button", { name: "Use this list" }).press("Enter");
  await expect(page.getByRole("button", { name: /Garden/ })).toContainText("2 things");
  await expectAccessible(page);
  // The line that was not taken is still there, to be mended.
  await expect(page.locator("textarea")).toHaveValue(/rake,rakes,9,4/);
  await page.goto("/stories?kind=total-of-two&seed=2");
  await expect(page.locator("main p").first()).toContainText("rose");
  await page.goto("/stories/stock");
  await listening(page);
  // What was written of it and not kept comes back with it.
  const name = page.getByLabel("The name of the list");
  await name.fill("Garden and shed");
  await page.getByRole("button", { name: "Delete" }).click();
  await expect(page.getByRole("button", { name: "Garden 2 things" })).toHaveCount(0);
  await page.getByRole("button", { name: "Bring “Garden and shed” back" }).click();
  await expect(page.getByRole("button", { name: "Garden 2 things" })).toBeVisible();
  await expect(name).toHaveValue("Garden and shed");
});

test("a drawn story is changed as one of the tutor's own: another number, then one too few, and the working follows", async ({
  page,
}) => {
  await page.goto("/stories?kind=joined-lengths&seed=2");
  await listening(page);
  await page.getByRole("link", { name: "Change it" }).press("Enter");
  await page.waitForURL(/\/stories\/own/);
  await listening(page);
  const numbers = page.getByRole("region", { name: "Its numbers" });
  await expect(numbers.getByRole("button", { pressed: true })).toHaveCount(2);
  const text = page.getByLabel("The story, with its question");
  await text.fill(
    "A drum holds 4.5 m of cable, the box 12 reels. 1.25 m of cable are cut off. How much is left?",
  );
  await numbers.getByRole("button", { name: "12" }).press("Enter");
  await page
    .getByLabel("What is known, and what is asked")
    .selectOption({ label: "Something is taken away, what is left is asked" });
  await expect(page.getByText("4.5 m − 1.25 m =")).toContainText("3.25 m");
  await expect(page.getByRole("img", { name: /^Bars to scale/ })).toBeVisible();
  await expectAccessible(page);
  await text.fill("A drum holds 4.5 m of cable. How much is left?");
  await expect(page.getByText(/two numbers at least/)).toBeVisible();
  await text.fill("A drum holds 4.5 m of cable. 1.5 m are cut off. How much is left?");
  await expect(page.getByText("4.5 m − 1.5 m =")).toContainText("3 m");
  await page.getByRole("link", { name: "On the Board" }).press("Enter");
  await page.waitForURL(/\/board\?problem=/);
});

test("word problems stand on a sheet: added by kind, one drawn anew, kept, printed with their pictures, and in its files", async ({
  page,
}) => {
  await page.goto("/sheets?skill=add-like&seed=3&count=2");
  await listening(page);
  await page.getByRole("button", { name: "Add word problems" }).press("Enter");
  await page.getByLabel("Of which kind").selectOption({ label: "Change from a note" });
  await page.getByRole("spinbutton", { name: "How many" }).fill("3");
  await page.getByRole("button", { name: "Add them" }).press("Enter");
  const rows = page.getByRole("listitem").filter({ has: page.locator("[data-sheet-problem]") });
  await expect(rows).toHaveCount(5);
  await page.keyboard.press("Escape");
  const story = rows.nth(4).locator("p").first();
  const before = await story.innerText();
  await rows
    .nth(4)
    .getByRole("button", { name: /^Draw another for/ })
    .press("Enter");
  await expect.poll(() => story.innerText()).not.toBe(before);
  const text = await story.innerText();
  await page.getByRole("button", { name: "Keep and print" }).press("Enter");
  await page.waitForURL(/\/sheets\/[a-z0-9]+\?print/);
  await expect(rows).toHaveCount(5);
  await expect(story).toHaveText(text);
  const id = new URL(page.url()).pathname.split("/").at(-1);
  const pdf = await page.request.get(`/api/sheets/${id}/pdf?picture=drawn&key=workings`);
  expect([pdf.status(), (await pdf.body()).subarray(0, 5).toString()]).toEqual([200, "%PDF-"]);
  const csv = await (await page.request.get(`/api/sheets/${id}/file?format=csv`)).text();
  expect(csv).toContain(text);
  const qti = await page.request.get(`/api/sheets/${id}/file?format=qti`);
  expect(qti.status()).toBe(200);
});

test("eight stories are answered with one thing done to all, which is named; what was written stays", async ({
  page,
}) => {
  await page.goto("/stories/probe?seed=4");
  await listening(page);
  await expect(page.getByRole("textbox")).toHaveCount(8);
  const rules = PRESETS.fillersTrueValue;
  const stories = storyProbeShown({ seed: 4, house: choicesOf(rules), stock: WORKSHOP });
  for (const [nth, { kind, seed }] of stories.entries()) {
    const found = STORY_KINDS.find(({ id }) => id === kind);
    const drawn = found && drawStory(found.id, WORKSHOP, rules, seed);
    const wrong = drawn?.ok && wrongLines(drawn.value).find(({ pattern }) => pattern === "unit-not-changed");
    if (!wrong) continue;
    const said = writeAnswer(answerOf(wrong.problem, rules), rules);
    await page.getByRole("textbox", { name: `The answer to story ${nth + 1}` }).fill(said);
  }
  await page.reload();
  await listening(page);
  await page.getByRole("button", { name: "What do these answers show?" }).press("Enter");
  const shown = page.getByRole("list", { name: "What they show" });
  await expect(shown.getByRole("listitem").first()).toContainText("Units worked as they stand");
  await expectAccessible(page);
});
