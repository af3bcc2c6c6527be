import { startServer } from "./server";
import { board, expect, expectAccessible, test, testApart } from "./tutor";

test("what was shown as kept is there after the server is killed", async ({ page }) => {
  const server = await startServer();
  try {
    const { run, work, kept } = board(page);
    for (const problem of ["40.3 + 7.8", "9 - 4.5", "6.25 + 1.75"]) {
      await page.goto(`${server.url}/board`);
      await work(problem);
      await page.keyboard.press("ArrowRight");
      await page.keyboard.press("ArrowRight");
      await expect(run).toHaveAttribute("aria-valuenow", "3");
      await expect(kept).toBeVisible();
      await server.kill();
      await server.start();
    }
    await page.goto(server.url);
    await expect(page.getByRole("link", { name: "40.3 + 7.8" })).toBeVisible();
    await expect(page.getByRole("link", { name: "9 - 4.5" })).toBeVisible();
    await page.getByRole("link", { name: "6.25 + 1.75" }).click();
    await expect(run).toHaveAttribute("aria-valuenow", "3");
  } finally {
    await server.remove();
  }
});

test("without a server the board says that it is not kept, and keeps itself when the server is back", async ({
  page,
}) => {
  const server = await startServer();
  try {
    const { work, kept } = board(page);
    await page.goto(`${server.url}/board`);
    await work("3.5 + 4.5");
    await expect(kept).toBeVisible();
    await server.kill();
    await page.keyboard.press("ArrowRight");
    await expect(page.getByText("Not kept yet: trying again")).toBeVisible();
    await server.start();
    await expect(kept).toBeVisible();
  } finally {
    await server.remove();
  }
});

test("a kept board is renamed, pinned, deleted and brought back", async ({ page }) => {
  const { work, kept } = board(page);
  await page.goto("/board");
  await work("7.05 + 0.95");
  await expect(kept).toBeVisible();
  await page.goto("/");
  await page.getByRole("button", { name: "More for 7.05 + 0.95" }).click();
  await page.getByRole("menuitem", { name: "Rename" }).click();
  await page.getByRole("textbox", { name: "Name of 7.05 + 0.95" }).fill("Two valve caps");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("link", { name: "Two valve caps" })).toBeVisible();

  await page.getByRole("button", { name: "More for Two valve caps" }).click();
  await page.getByRole("menuitem", { name: "Pin to the top" }).click();
  await expect(page.getByRole("listitem").first()).toContainText("Two valve caps");
  await expectAccessible(page);

  await page.getByRole("button", { name: "More for Two valve caps" }).click();
  await page.getByRole("menuitem", { name: "Delete" }).click();
  await expect(page.getByRole("link", { name: "Two valve caps" })).toBeHidden();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("link", { name: "Two valve caps" })).toBeVisible();
  await page.getByRole("searchbox", { name: "Find a board" }).fill("no such thing");
  await page.keyboard.press("Enter");
  await expect(page.getByText("No kept board has “no such thing”")).toBeVisible();
});

test("the house rules are kept, and new boards begin with them", async ({ page }) => {
  await page.goto("/house-rules");
  const units = page.getByRole("radiogroup", { name: "Single things are" });
  await units.getByText("units").click();
  await expect(page.getByText("Kept", { exact: true })).toBeVisible();
  await expectAccessible(page);
  await page.goto("/board");
  await board(page).work("1.5 + 2");
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press("ArrowRight");
  await expect(board(page).say).toContainText("units under units");
});

test("both themes are kept and legible", async ({ page }) => {
  await page.goto("/board?problem=5-2.004&step=8");
  await page.getByRole("button", { name: "Slate theme" }).click();
  await expectAccessible(page);
  await page.reload();
  await expect(page.locator("html")).toHaveAttribute("data-theme", "slate");
  await page.goto("/");
  await expectAccessible(page);
  await page.goto("/board?problem=5-2.004&step=8");
  await page.getByRole("button", { name: "Paper theme" }).click();
  await expectAccessible(page);
});

testApart.describe("on a tablet", () => {
  testApart.use({ viewport: { width: 820, height: 1180 }, hasTouch: true });

  testApart("steps are turned by a finger across the paper", async ({ page }) => {
    const { run } = board(page);
    await page.goto("/board?problem=8.7%2B5.6&step=4");
    const room = page.getByRole("region", { name: "Squared paper" });
    const box = await room.boundingBox();
    if (box === null) throw new Error("the paper has no place on the screen");
    const finger = await page.context().newCDPSession(page);
    const swipe = async (from: number, to: number): Promise<void> => {
      const y = box.y + box.height / 2;
      await finger.send("Input.dispatchTouchEvent", { type: "touchStart", touchPoints: [{ x: from, y }] });
      for (const share of [0.3, 0.6, 1]) {
        const x = from + (to - from) * share;
        await finger.send("Input.dispatchTouchEvent", { type: "touchMove", touchPoints: [{ x, y }] });
      }
      await finger.send("Input.dispatchTouchEvent", { type: "touchEnd", touchPoints: [] });
    };
    await swipe(500, 300);
    await expect(run).toHaveAttribute("aria-valuenow", "5");
    await swipe(300, 500);
    await expect(run).toHaveAttribute("aria-valuenow", "4");
  });
});

test("the tools of the paper stay where they are while the board is on its way to be kept", async ({
  page,
}) => {
  let letThrough = (): void => undefined;
  const held = new Promise<void>((resolve) => {
    letThrough = resolve;
  });
  await page.route("**/api/boards/*", async (route) => {
    await held;
    await route.continue();
  });
  await page.goto("/board?problem=61.3-8.75&step=1");
  const tool = page.getByRole("button", { name: "Another problem" });
  await page.keyboard.press("ArrowRight");
  await expect(page.getByText("Keeping…")).toBeVisible();
  const before = await tool.boundingBox();
  letThrough();
  await expect(board(page).kept).toBeVisible();
  expect(await tool.boundingBox()).toEqual(before);
});
