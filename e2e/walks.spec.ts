import { board, expect, expectAccessible, listening, test } from "./tutor";

test("from Today to a finished board and back, by the keyboard alone", async ({ page }) => {
  const { say, run, kept } = board(page);
  await page.goto("/");
  await page.getByRole("textbox", { name: "Problem" }).focus();
  await page.keyboard.type("33.08 + 4.95");
  await page.keyboard.press("Enter");
  await expect(say).toContainText("33 + 5 makes about 38");
  await listening(page);
  await page.keyboard.press("End");
  await expect(say).toContainText("38.03 − 4.95 = 33.08");
  await expect(kept).toBeVisible();
  const last = await run.getAttribute("aria-valuenow");

  await page.getByRole("link", { name: "Today" }).focus();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: "Kept boards" })).toBeVisible();
  await listening(page);
  await page.getByRole("button", { name: "More for 33.08 + 4.95" }).focus();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("menuitem").first()).toBeFocused();
  await page.keyboard.press("ArrowDown");
  await expect(page.getByRole("menuitem", { name: /^Pin/ })).toBeFocused();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("link", { name: /Pinned: ?33.08 \+ 4.95/ })).toBeVisible();
  await page.getByRole("link", { name: /33.08 \+ 4.95/ }).focus();
  await page.keyboard.press("Enter");
  await expect(run).toHaveAttribute("aria-valuenow", last ?? "");
});

test("a difference by equal additions and by making up, each to its checked answer", async ({ page }) => {
  const { say, work } = board(page);
  await page.goto("/board");
  await work("12.403 - 7.65");
  const byMethod = async (name: string): Promise<void> => {
    await page.keyboard.press("Home");
    await page.keyboard.press("m");
    await page
      .getByRole("dialog", { name: "Methods" })
      .getByRole("button", { name: new RegExp(`^${name}`) })
      .click();
    await expect(page.getByRole("button", { name: `Method ${name}` })).toBeFocused();
  };
  const sayings = async (count: number): Promise<string> => {
    const heard: string[] = [];
    for (let step = 0; step < count; step++) {
      heard.push(await say.innerText());
      await page.keyboard.press("ArrowRight");
    }
    return heard.join(" ");
  };

  await byMethod("Equal additions");
  const added = await sayings(15);
  expect(added).toContain("Add ten hundredths above and one tenth below.");
  expect(added).toContain("Six tenths and the one tenth owed are seven tenths.");
  expect(added).toContain("The answer is 4.753");
  await byMethod("Making up");
  const made = await sayings(13);
  expect(made).toContain(
    "Five hundredths and five hundredths make ten hundredths: write 5, and carry one tenth",
  );
  expect(made).toContain("The answer is 4.753");
  await page.keyboard.press("End");
  await expect(say).toContainText("4.753 + 7.65 = 12.403");
  await expectAccessible(page);
});

test("an address brings its board back by itself, and what is wrong in it does no harm", async ({ page }) => {
  const { field, say, run } = board(page);
  await page.goto("/board?problem=1.200,5 - 3,25&decimalMark=comma&grouping=mark&step=3&guess=1200");
  await expect(field).toHaveValue("1.200,5 - 3,25");
  await expect(run).toHaveAttribute("aria-valuenow", "3");
  await expect(say).toContainText("3,25");
  await expect.poll(() => new URL(page.url()).searchParams.get("id")).not.toBeNull();

  await page.goto("/board?problem=1 %2B 2&method=magic&step=99999&narration=loud&id=../etc");
  await expect(say).toContainText("Write the addend 1");
  await page.goto("/board?problem=5..");
  await expect(field).toHaveValue("5..");
  await expect(page.getByText("This number has a second point.")).toBeVisible();
  await page.goto("/board?id=nosuchboard0000000");
  await expect(page.getByText("Type a problem and press Enter.")).toBeVisible();
});

test("two thousand characters, or ten long addends, are answered at once", async ({ page }) => {
  const { field, say, work } = board(page);
  await page.goto("/board");
  await field.fill("1+".repeat(1200));
  await expect(page.getByText("This line is longer than 2,000 characters.")).toBeVisible();
  await work(Array.from({ length: 10 }, () => "999999999999999.999999999999999").join(" + "));
  await page.keyboard.press("End");
  await page.keyboard.press("ArrowLeft");
  await page.keyboard.press("ArrowLeft");
  await expect(say).toContainText("9999999999999999.99999999999999");
  await expectAccessible(page);
});

test("a board that was just stepped is kept, even when the window closes at once", async ({
  page,
  context,
}) => {
  const { run, work, kept } = board(page);
  await page.goto("/board");
  await work("71.5 + 8.25");
  await expect(kept).toBeVisible();
  const address = new URL(page.url());
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press("ArrowRight");
  await expect(run).toHaveAttribute("aria-valuenow", "3");
  await page.close({ runBeforeUnload: true });
  const again = await context.newPage();
  await expect
    .poll(async () => {
      await again.goto(`/board?id=${address.searchParams.get("id")}`);
      return board(again).run.getAttribute("aria-valuenow");
    })
    .toBe("3");
});

test("a board that was just stepped is kept when another place is opened at once", async ({ page }) => {
  const { run, work, kept } = board(page);
  await page.goto("/board");
  await work("62.5 + 8.25");
  await expect(kept).toBeVisible();
  await page.keyboard.press("ArrowRight");
  await page.getByRole("link", { name: "Today" }).click();
  await expect(page.getByRole("heading", { name: "Kept boards" })).toBeVisible();
  await expect(async () => {
    await page.goto("/");
    await page.getByRole("link", { name: "62.5 + 8.25" }).click();
    await expect(run).toHaveAttribute("aria-valuenow", "2", { timeout: 1000 });
  }).toPass();
});

test("garbage sent to be kept is refused in a sentence, and nothing of it is kept", async ({
  request,
  page,
}) => {
  const good = { problem: "1 + 2", method: "column-addition", house: {}, step: 1, guess: "" };
  const cases = [
    { id: "board00009", body: { ...good, problem: "1 +" }, status: 422 },
    { id: "board00009", body: { ...good, house: { narration: "loud" } }, status: 422 },
    { id: "board00009", body: { ...good, step: -4 }, status: 400 },
    { id: "board00009", body: { ...good, method: "magic" }, status: 400 },
    { id: "board00009", body: "not json", status: 400 },
    { id: "B", body: good, status: 404 },
  ];
  for (const { id, body, status } of cases) {
    const answer = await request.put(`/api/boards/${id}`, {
      headers: { "content-type": "application/json" },
      data: typeof body === "string" ? body : { state: body },
    });
    expect(answer.status()).toBe(status);
    expect((await answer.json()).error.message).toMatch(/\.$/);
  }
  await page.goto("/board?id=board00009");
  await expect(page.getByText("Type a problem and press Enter.")).toBeVisible();
  expect((await request.put("/api/view", { data: { theme: "pink" } })).status()).toBe(400);
});
