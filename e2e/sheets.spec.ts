import { expect, expectAccessible, listening, test } from "./tutor";

const problems = (page: import("@playwright/test").Page) => page.locator("[data-sheet-problem]");

/** What a learner answers who takes the smaller digit of each column from the larger; nothing where nothing is taken away. */
function smallerFromLarger(line: string): string {
  const [first = "", sign, second = ""] = line.split(" ");
  if (sign !== "−") return "";
  const places = (text: string): number => (text.split(".")[1] ?? "").length;
  const most = Math.max(places(first), places(second));
  const digits = (text: string): string => text.replace(".", "") + "0".repeat(most - places(text));
  const [top, bottom] = [digits(first), digits(second).padStart(digits(first).length, "0")];
  const columns = [...top].map((digit, at) => Math.abs(Number(digit) - Number(bottom[at])));
  const whole = columns.join("").padStart(most + 1, "0");
  return most === 0 ? String(Number(whole)) : `${Number(whole.slice(0, -most))}.${whole.slice(-most)}`;
}

test("a sheet is drawn from a rung of the ladder, the same again for the same address, and goes to the Board and to a learner", async ({
  page,
}) => {
  await page.goto("/sheets");
  await page.getByRole("link", { name: "Taking away across zeros" }).click();
  await expect(page.getByRole("heading", { name: "Taking away across zeros" })).toBeVisible();
  await expect(problems(page)).toHaveCount(12);
  // The rung is in view on the ladder, and the page still begins at its top.
  await expect(page.getByRole("link", { name: "Taking away across zeros" })).toBeInViewport();
  await expect(page.getByRole("heading", { name: "Taking away across zeros" })).toBeInViewport({ ratio: 1 });
  const before = await problems(page).allTextContents();
  await page.reload();
  expect(await problems(page).allTextContents()).toEqual(before);
  await page.getByRole("link", { name: "Draw others" }).click();
  await expect(page).toHaveURL(/seed=2/);
  await expect.poll(() => problems(page).allTextContents()).not.toEqual(before);
  await page.getByRole("link", { name: "20 problems" }).click();
  await expect(problems(page)).toHaveCount(20);
  await page.getByRole("button", { name: "Show the answers" }).click();
  await expect(problems(page).first()).toContainText(/\d0\d+ − \d+\d+/);
  await page.getByRole("button", { name: "What it trains" }).click();
  await expect(page.getByRole("region", { name: "What it trains" })).toContainText("Across zeros");
  await expect(page.getByRole("region", { name: "What goes wrong here" })).toContainText(/zero/i);
  await expectAccessible(page);
  await page.getByRole("link", { name: /^Problem 1, .* on the Board$/ }).click();
  await page.waitForURL(/\/board/);
  await page.goBack();
  // The page is loaded anew on the way back: a press that falls into that is made again.
  await expect(async () => {
    await page.getByRole("link", { name: /^Problem 1, .* to a learner$/ }).click({ timeout: 5000 });
    await page.waitForURL(/your-turn/, { timeout: 5000 });
  }).toPass();
  await listening(page);
});

test("by keys alone: two problems are locked, the rest drawn anew, one typed over, moved and taken off; it is kept, printed, marked, and given back by its code", async ({
  page,
}) => {
  await page.goto("/sheets?skill=subtract-one-exchange&count=6");
  await expect(problems(page)).toHaveCount(6);
  const text = (nth: number) => problems(page).nth(nth).innerText();
  const [first, second, third] = [await text(0), await text(1), await text(2)];
  await problems(page).nth(0).focus();
  await page.keyboard.press("l");
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("l");
  await page.getByRole("button", { name: "Draw those that are not locked" }).press("Enter");
  await expect.poll(() => text(2)).not.toBe(third);
  expect([await text(0), await text(1)]).toEqual([first, second]);
  // One as hard, one harder, one easier.
  const fourth = await text(3);
  await problems(page).nth(3).focus();
  await page.keyboard.press("r");
  await expect.poll(() => text(3)).not.toBe(fourth);
  await page.keyboard.press("Alt+ArrowUp");
  await expect(problems(page).nth(2)).toBeFocused();
  // A typed line that does not read is kept and marked until it does.
  await problems(page).nth(4).press("Enter");
  await page.getByRole("textbox", { name: "Type over problem 5" }).fill("70 - 2x");
  await page.keyboard.press("Enter");
  await expect(page.getByText(/70 - 2x|x/).first()).toBeVisible();
  await problems(page).nth(4).press("Enter");
  await page.getByRole("textbox", { name: "Type over problem 5" }).fill("702 - 256");
  await page.keyboard.press("Enter");
  await expect(problems(page).nth(4)).toHaveText("702 − 256");
  await problems(page).nth(5).focus();
  await page.keyboard.press("Delete");
  await expect(problems(page)).toHaveCount(5);
  await page.getByRole("button", { name: "Undo" }).press("Enter");
  await expect(problems(page)).toHaveCount(6);

  await page.getByRole("button", { name: "Keep this sheet" }).press("Enter");
  await page.waitForURL(/\/sheets\/[a-z0-9]{20}$/);
  await page.getByRole("textbox", { name: "The name of the sheet" }).fill("Cables to cut");
  await page.keyboard.press("Tab");
  await expect(page.getByText("Kept", { exact: true })).toBeVisible();
  const code = (await page.getByText(/^Code /).innerText()).slice(5);
  await page.reload();
  await expect(problems(page)).toHaveCount(6);
  expect([await text(0), await text(1), await text(4)]).toEqual([first, second, "702 − 256"]);

  await page.getByRole("button", { name: "Print" }).press("Enter");
  await page.getByRole("button", { name: "Whole workings" }).press("Enter");
  await expectAccessible(page);
  for (const name of ["The sheet as a PDF", "The key as a PDF"]) {
    const address = await page.getByRole("link", { name }).getAttribute("href");
    const pdf = await page.request.get(address ?? "");
    expect([pdf.status(), pdf.headers()["content-type"]]).toEqual([200, "application/pdf"]);
    expect((await pdf.body()).subarray(0, 5).toString()).toBe("%PDF-");
  }
  await page.keyboard.press("Escape");

  await page.getByRole("button", { name: "Mark" }).press("Enter");
  await page.getByRole("button", { name: "Open it in Marking" }).press("Enter");
  await page.waitForURL(/\/marking\?sheet=/);
  await expect(page.getByText("702 − 256").first()).toBeVisible();

  await page.goto("/marking");
  await page.getByRole("textbox", { name: "The code of a printed sheet" }).fill(code.toLowerCase());
  await page.keyboard.press("Enter");
  await page.waitForURL(/\/marking\?sheet=/);
  await page.goto(`/sheets/kept?search=${code}`);
  await expect(page.getByRole("link", { name: /Cables to cut/ })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole("button", { name: "Delete Cables to cut" }).press("Enter");
  await expect(page.getByRole("link", { name: /Cables to cut/ })).toHaveCount(0);
  await page.getByRole("button", { name: "Undo" }).press("Enter");
  await expect(page.getByRole("link", { name: /Cables to cut/ })).toBeVisible();
});

test("two wishes that clash are named, and a recipe that can be met is drawn", async ({ page }) => {
  await page.goto("/sheets?skill=subtract-across-zeros&never=acrossZeros");
  await expect(page.getByRole("alert").first()).toContainText(
    "Two wishes clash: the skill “Taking away across zeros”, and “Across zeros” never.",
  );
  await page.goto("/sheets?skill=add-carrying-once");
  await page.getByRole("button", { name: "Recipe" }).click();
  await page.getByRole("combobox", { name: "Mix in another skill" }).click();
  await page.getByRole("option", { name: "Taking away with one exchange" }).click();
  await page.getByRole("button", { name: "Draw this sheet" }).click();
  await page.waitForURL(/skill=add-carrying-once,subtract-one-exchange|%2C/);
  await expect(problems(page)).toHaveCount(12);
  await expect(problems(page).filter({ hasText: "+" })).toHaveCount(6);
  await expect(problems(page).filter({ hasText: "−" })).toHaveCount(6);
});

test("a sheet that another window changed is not written over", async ({ page, context }) => {
  await page.goto("/sheets?skill=add-several&count=4");
  await page.getByRole("button", { name: "Keep this sheet" }).click();
  await page.waitForURL(/\/sheets\/[a-z0-9]{20}$/);
  const other = await context.newPage();
  await other.goto(page.url());
  await listening(other);
  // A window that stands still follows the other one.
  await problems(other).first().focus();
  await other.keyboard.press("l");
  await expect(other.getByText("Kept", { exact: true })).toBeVisible();
  await expect(page.getByRole("button", { name: /^Unlock Problem 1,/ })).toBeVisible();
  // One that hears nothing and is changed itself is asked, and nothing is written over before.
  await page.route("**/api/**", (route) => route.abort());
  await problems(page).nth(1).focus();
  await page.keyboard.press("Delete");
  await expect(page.getByText("Not kept yet: trying again")).toBeVisible();
  await problems(other).nth(2).focus();
  await other.keyboard.press("l");
  await expect(other.getByRole("button", { name: /^Unlock Problem 3,/ })).toBeVisible();
  await expect(other.getByText("Kept", { exact: true })).toBeVisible();
  await page.unroute("**/api/**");
  await expect(page.getByText("Not kept: changed in another window")).toBeVisible();
  await page.getByRole("button", { name: "Show that one" }).click();
  await expect(problems(page)).toHaveCount(4);
  await expect(page.getByRole("button", { name: /^Unlock Problem 3,/ })).toBeVisible();
  // Nor is one that another window deleted brought back unasked.
  await other.request.put(`${new URL(page.url()).origin}/api${new URL(page.url()).pathname}/listed`, {
    data: { deleted: true },
  });
  await problems(page).nth(1).focus();
  await page.keyboard.press("Delete");
  await expect(page.getByText("Not kept: deleted in another window")).toBeVisible();
  await page.getByRole("button", { name: "Bring it back" }).click();
  await page.getByRole("button", { name: "Keep this one" }).click();
  await expect(page.getByText("Kept", { exact: true })).toBeVisible();
  await page.reload();
  await expect(problems(page)).toHaveCount(3);
});

test("an adaptive probe comes to its verdict and to a sheet for it, by keys; and stands on paper with its table", async ({
  page,
}) => {
  await page.goto("/sheets/probe?strand=addingSubtracting");
  await expect(page.getByRole("region", { name: "On paper" })).toContainText("right");
  await expectAccessible(page);
  await page.getByRole("button", { name: "Begin" }).press("Enter");
  const shown = page.locator("[data-probe-problem]");
  const sum = (line: string): string => {
    const places = Math.max(...line.split(" + ").map((one) => (one.split(".")[1] ?? "").length));
    return line
      .split(" + ")
      .reduce((all, one) => all + Number(one), 0)
      .toFixed(places);
  };
  const verdict = page.locator("[data-probe-verdict]");
  for (let asked = 0; asked < 12; asked++) {
    await expect(shown.or(verdict)).toBeVisible();
    if (await verdict.isVisible()) break;
    const line = await shown.innerText();
    await page.keyboard.type(line.includes("+") ? sum(line) : smallerFromLarger(line));
    await page.keyboard.press("Enter");
    await expect(shown.filter({ hasText: line })).toHaveCount(0);
  }
  await expect(verdict).toContainText(/smaller digit/i);
  await page.getByRole("link", { name: "Draw a sheet for it" }).press("Enter");
  await page.waitForURL(/\/sheets\?skill=/);
  await expect(problems(page)).toHaveCount(12);
});

test("by touch on a tablet: a problem is locked, another drawn for its neighbour, and it is kept", async ({
  browser,
  server,
}) => {
  const context = await browser.newContext({ viewport: { width: 820, height: 1180 }, hasTouch: true });
  const page = await context.newPage();
  await page.goto(`${server.url}/sheets?skill=add-like&count=4`);
  await listening(page);
  await expect(page.getByRole("heading", { level: 1 })).toBeInViewport({ ratio: 1 });
  const second = await problems(page).nth(1).innerText();
  await page.getByRole("button", { name: /^Lock Problem 1,/ }).tap();
  await page.getByRole("button", { name: /^Draw another for Problem 2,/ }).tap();
  await expect.poll(() => problems(page).nth(1).innerText()).not.toBe(second);
  await page.getByRole("button", { name: "Keep this sheet" }).tap();
  await page.waitForURL(/\/sheets\/[a-z0-9]{20}$/);
  await expect(page.getByRole("button", { name: /^Unlock Problem 1,/ })).toBeVisible();
  await context.close();
});

test("a sheet is marked with a pattern in it, which is named, and the next sheet is drawn for it", async ({
  page,
  server,
}) => {
  const learner = { id: "learnerwithgaps00001", name: "Ragna" };
  await page.request.post(`${server.url}/api/learners`, { data: learner });
  await page.goto("/sheets?skill=subtract-several-exchanges&count=6");
  await page.getByRole("button", { name: "Keep this sheet" }).click();
  await page.waitForURL(/\/sheets\/[a-z0-9]{20}$/);
  await listening(page);
  const lines = await problems(page).allTextContents();
  const sheet = page.url();
  await page.getByRole("button", { name: "Mark" }).click();
  await page.getByRole("button", { name: "Ragna" }).click();
  await page.getByRole("button", { name: "Open it in Marking" }).click();
  await page.waitForURL(/\/marking\?sheet=/);
  await listening(page);
  for (const line of lines) {
    await page.getByRole("textbox", { name: `Ragna, ${line}` }).fill(smallerFromLarger(line));
    await page.keyboard.press("Enter");
  }
  await page.getByRole("textbox", { name: `Ragna, ${lines[0]}` }).focus();
  const margin = page.getByRole("region", { name: "Ragna on this sheet" });
  await expect(margin).toContainText(/smaller digit/i);
  await margin.getByRole("link", { name: "Draw a sheet for what showed" }).click();
  await page.waitForURL(/\/sheets\?skill=subtract/);
  await expect(problems(page)).toHaveCount(12);
  // Who had it, and when, is known to the sheet.
  await page.goto(sheet);
  await page.getByRole("button", { name: "Mark" }).click();
  await expect(page.getByRole("button", { name: /Ragna had it/ })).toBeVisible();
});

test("a tutor makes a rung of their own, sees how many fit, draws from it, changes it and takes it off", async ({
  page,
}) => {
  await page.goto("/sheets?skill=subtract-from-whole");
  await page.getByRole("link", { name: "Make a rung of your own" }).click();
  await page.waitForURL(/\/sheets\/rung/);
  await listening(page);
  await page.getByRole("textbox", { name: "Its name" }).fill("Cuts from a drum");
  await page.getByRole("textbox", { name: "Lines to fill in" }).fill("#0 - #.##\n5 ** #");
  const samples = page.getByRole("region", { name: "Samples" });
  await expect(samples).toContainText(/Of 1,000 drawn, \d+ fit\./);
  await expect(samples).toContainText("5 ** #:");
  await page.getByRole("textbox", { name: "Lines to fill in" }).fill("#0 - #.##");
  await expect(samples).not.toContainText("5 **");
  await page.getByRole("group", { name: "Across zeros" }).getByRole("button", { name: "Always" }).click();
  await expect(samples.getByRole("listitem").first()).toContainText(/\d0 − \d\.\d\d/);
  await expectAccessible(page);
  await page.getByRole("button", { name: "Keep this rung" }).click();
  await page.waitForURL(/\/sheets\?own=/);
  await listening(page);
  await expect(page.getByRole("heading", { name: "Cuts from a drum" })).toBeVisible();
  await expect(problems(page)).toHaveCount(12);
  await page.getByRole("link", { name: "Change this rung" }).click();
  await page.waitForURL(/\/sheets\/rung\?own=/);
  await listening(page);
  await page.getByRole("button", { name: "Take it off the ladder" }).click();
  await page.waitForURL(/\/sheets$/);
  await expect(page.getByRole("link", { name: /Cuts from a drum/ })).toHaveCount(0);
});
