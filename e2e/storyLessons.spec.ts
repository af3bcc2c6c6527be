import { expect, expectAccessible, listening, test } from "./tutor";

test("a story of two steps is worked one operation after the other, in the picture too, and its answer is put back", async ({
  page,
}) => {
  await page.goto("/stories?kind=several-in-a-heavy-box&seed=4");
  await page.getByRole("button", { name: "How it is worked" }).press("Enter");
  const work = page.getByRole("region", { name: "How it is worked" });
  const lines = work.getByRole("list", { name: "What is worked" }).getByRole("listitem");
  await expect(lines).toHaveCount(1);
  const first = await lines.first().locator("p").nth(1).innerText();
  const [, each = "", made = ""] = /× (\d+ g) = (\d+ g)/.exec(first) ?? [];
  // What the first operation comes to stands in the picture; what is asked does not yet.
  await expect(work.getByRole("img", { name: new RegExp(`\\?.*${made}`) })).toBeVisible();
  await work.getByRole("button", { name: "Next" }).press("Enter");
  await expect(lines).toHaveCount(2);
  await expect(work.getByRole("img", { name: /\?/ })).toHaveCount(0);
  await work.getByRole("button", { name: "Check it" }).press("Enter");
  await expect(work).toContainText("A weight is asked for, and the answer is in kilograms and grams.");
  await expect(work).toContainText(`÷ ${each} =`);
  await expectAccessible(page);
  await work.getByRole("button", { name: "From the beginning" }).press("Enter");
  await expect(lines).toHaveCount(1);
  await lines.getByRole("link", { name: "On the Board" }).press("Enter");
  await page.waitForURL(/\/board\?problem=/);
});

test("a story that does not say a number is answered with what is missing, and a number is told to be none", async ({
  page,
}) => {
  await page.goto("/stories/turn?kind=box-that-was-not-weighed&seed=4");
  const work = page.getByRole("region", { name: "Your work" });
  await page.getByLabel("Your answer").fill("605 g");
  await page.getByRole("button", { name: "Hand it in" }).press("Enter");
  await expect(work).toContainText("a number that it needs is not told");
  await page.getByLabel("Your answer").fill("You can’t know: nobody weighed the box.");
  await page.getByRole("button", { name: /does not say what the empty box weighs/ }).press("Enter");
  await page.getByRole("button", { name: "Hand it in" }).press("Enter");
  await expect(work).toContainText("That is what the story does not say.");
  await expect(work).toContainText("This sentence answers the question.");
  await expectAccessible(page);
});

test("a story of the tutor's own has several steps, is kept, taken away and brought back, and stands on a sheet", async ({
  page,
}) => {
  await page.goto("/stories/own");
  const text = page.getByLabel("The story, with its question");
  await text.fill("A crate with 6 pedals weighs 2300 g. Empty it weighs 560 g. What does one pedal weigh?");
  await expect(page.getByText("What does one pedal weigh?", { exact: true })).toBeVisible();
  await page
    .getByLabel("What is known, and what is asked")
    .selectOption({ label: "Several steps: a line of your own" });
  const line = page.getByLabel("The line, such as (A − B) ÷ C");
  await line.fill("(B - D) / A");
  await expect(page.getByText(/two numbers at least/)).toBeVisible();
  await line.fill("(B - C) / A");
  await expect(page.getByText("(2300 g − 560 g) ÷ 6 =")).toContainText("290 g");
  await expect(page.getByRole("list", { name: "What is worked" }).getByRole("listitem")).toHaveCount(2);
  await page.getByLabel(/The answer as a sentence/).fill("One pedal weighs … .");
  await page.getByRole("button", { name: "Keep this story" }).press("Enter");
  await expect(page.getByText("Kept", { exact: true })).toBeVisible();
  await expectAccessible(page);
  await page.reload();
  await listening(page);
  const mine = page.getByRole("complementary", { name: "Your stories" });
  await mine.getByRole("button", { name: /^Delete “A crate/ }).press("Enter");
  await expect(mine.getByRole("listitem")).toHaveCount(0);
  await mine.getByRole("button", { name: "Bring it back" }).press("Enter");
  await expect(mine.getByRole("listitem")).toHaveCount(1);
  await page.goto("/sheets?skill=add-like&seed=3&count=2");
  await page.getByRole("button", { name: "Add word problems" }).press("Enter");
  await page.getByLabel("Of which kind").selectOption({ label: "All of your own" });
  await page.getByRole("button", { name: "Add them" }).press("Enter");
  const rows = page.getByRole("listitem").filter({ has: page.locator("[data-sheet-problem]") });
  await expect(rows).toHaveCount(3);
  await expect(rows.nth(2)).toContainText("What does one pedal weigh?");
});

test("a learner's story stands in their record, with what was done with it", async ({ page, server }) => {
  const learner = { id: "learnerpetra0001", name: "Petra" };
  await page.request.post(`${server.url}/api/learners`, { data: learner });
  await page.goto("/stories/turn?kind=how-much-heavier&seed=5");
  const [a = "", b = ""] = await page.locator("main p").first().getByRole("button").allTextContents();
  const grams = (mass: string): number => Number(mass.replace(" g", ""));
  await page.getByLabel("Whose story is it?").selectOption({ label: "Petra" });
  await page.getByLabel("Your answer").fill(`It is ${grams(a) + grams(b)} g.`);
  await page.getByRole("button", { name: "Hand it in" }).press("Enter");
  await expect(page.getByText("Kept in Petra’s record.")).toBeVisible();
  await page.goto(`/learners/${learner.id}`);
  await expect(page.getByText("In the story: ")).toBeVisible();
  await expect(page.getByText(`${a} − ${b}`).first()).toBeVisible();
});

test("on a marked sheet, what was done with its stories is told beside the answer and beside the learner", async ({
  page,
  server,
}) => {
  await page.request.post(`${server.url}/api/learners`, { data: { id: "learneraaron0001", name: "Aaron" } });
  await page.goto("/sheets?skill=add-like&seed=3&count=1");
  await page.getByRole("button", { name: "Add word problems" }).press("Enter");
  await page.getByLabel("Of which kind").selectOption({ label: "How much heavier" });
  await page.getByRole("spinbutton", { name: "How many" }).fill("3");
  await page.getByRole("button", { name: "Add them" }).press("Enter");
  const problems = page.locator("[data-sheet-problem]");
  await expect(problems).toHaveCount(4);
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: "Keep and print" }).press("Enter");
  await page.waitForURL(/\/sheets\/[a-z0-9]+\?print/);
  await listening(page);
  const lines = (await problems.allTextContents()).filter((line) => line.includes("g − "));
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: "Mark" }).click();
  await page.getByRole("button", { name: "Aaron" }).click();
  await page.getByRole("button", { name: "Open it in Marking" }).click();
  await page.waitForURL(/\/marking\?sheet=/);
  await listening(page);
  for (const line of lines) {
    const [a = 0, b = 0] = line.match(/\d+/g)?.map(Number) ?? [];
    await page.getByRole("textbox", { name: `Aaron, ${line}` }).fill(`${a + b} g`);
    await page.keyboard.press("Enter");
  }
  await page.getByRole("textbox", { name: `Aaron, ${lines[0]}` }).focus();
  await expect(page.getByRole("region", { name: "In the story" })).toContainText(
    lines[0]?.replace("−", "+") ?? "",
  );
  const summary = page.getByRole("region", { name: "Aaron on this sheet" });
  await expect(summary).toContainText("3 of 3");
  await expectAccessible(page);
});

test("readings from the shop go into a story, whose question is worked", async ({ page }) => {
  await page.goto("/shop?tool=jug");
  for (let nth = 0; nth < 2; nth++)
    await page.getByRole("button", { name: "Put it on the list" }).press("Enter");
  await page.getByRole("link", { name: "Into a story" }).press("Enter");
  await page.waitForURL(/\/stories\/own\?text=/);
  await listening(page);
  await expect(page.getByLabel("The story, with its question")).toHaveValue(
    /^One jug holds .*\. Another one holds .*\. How much is that altogether\?$/,
  );
  await expect(page.getByText(/ \+ .* =/)).toBeVisible();
});

test("bars are drawn by dragging and by keys, say what they look like, and stay where the page is left", async ({
  page,
}) => {
  await page.goto("/stories/turn?kind=joined-lengths&seed=2");
  await page.getByText("Draw it with bars").click();
  const pad = page.getByRole("img", { name: /^Your bars/ });
  await expect(pad).toHaveAccessibleName(/upper row empty; the lower row empty/);
  await pad.scrollIntoViewIfNeeded();
  const box = await pad.boundingBox();
  if (box === null) throw new Error("the bars are not to be seen");
  const at = (steps: number, row: 0 | 1) =>
    [
      box.x + ((2 + 20 * steps) / 484) * box.width,
      box.y + ((row === 0 ? 30 : 96) / 128) * box.height,
    ] as const;
  const drag = async (from: number, to: number, row: 0 | 1): Promise<void> => {
    await page.mouse.move(...at(from, row));
    await page.mouse.down();
    await page.mouse.move(...at((from + to) / 2, row), { steps: 4 });
    await page.mouse.move(...at(to, row), { steps: 4 });
    await page.mouse.up();
  };
  await drag(1, 8, 0);
  await drag(9, 14, 0);
  await expect(pad).toHaveAccessibleName(/upper row with bars 8, 6 steps long/);
  await drag(1, 12, 1);
  await expect(pad).toHaveAccessibleName(/lower row with bars 12 steps long/);
  // The end of a bar is taken and moved.
  await drag(12, 14, 1);
  await expect(pad).toHaveAccessibleName(/lower row with bars 14 steps long/);
  await expect(page.getByText(/^Your bars look like this: parts and whole/)).toBeVisible();
  await page.reload();
  await listening(page);
  await expect(pad).toHaveAccessibleName(/8, 6 steps long; the lower row with bars 14 steps long/);
  const lower = page.getByRole("group", { name: "The lower row" });
  await lower.getByRole("button", { name: "Take the last one away" }).press("Enter");
  for (let nth = 0; nth < 3; nth++) await lower.getByRole("button", { name: "Add a bar" }).press("Enter");
  await lower.getByRole("button", { name: "Shorter" }).press("Enter");
  await expect(pad).toHaveAccessibleName(/lower row with bars 6, 6, 5 steps long/);
  await expectAccessible(page);
});
