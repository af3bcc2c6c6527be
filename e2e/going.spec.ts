import { ON_RAIL } from "@/ui/places";
import { expect, test } from "./tutor";

/** Whether the window has been loaded anew since it was marked. */
const mark = (page: import("@playwright/test").Page) =>
  page.evaluate(() => Object.assign(window, { marked: true }));
const marked = (page: import("@playwright/test").Page) => page.evaluate(() => "marked" in window);

test("every place of the rail is gone to inside the page, and none calls another back", async ({ page }) => {
  await page.goto("/board?problem=40.3%2B7.865");
  await mark(page);
  for (const name of ["Learners", "Marking", "House rules", "Today", "Board"]) {
    await page.getByRole("navigation", { name: "Places" }).getByRole("link", { name }).click();
    await expect(
      page.getByRole("navigation", { name: "Places" }).getByRole("link", { name }),
    ).toHaveAttribute("aria-current", "page");
    await expect(page.locator("main")).toBeVisible();
  }
  expect(await marked(page)).toBe(true);
});

test("every place of the rail has its key, and comes inside the page", async ({ page }) => {
  await page.goto("/board?problem=40.3%2B7.865");
  await mark(page);
  for (const { key, name } of ON_RAIL) {
    await page.keyboard.press(`Alt+Digit${key}`);
    await expect(page.getByRole("link", { name, exact: true }).first()).toHaveAttribute(
      "aria-current",
      "page",
    );
  }
  expect(await marked(page)).toBe(true);
});

test("a board left in the middle of a change is kept, and the place that was asked for comes", async ({
  page,
}) => {
  // A server that takes its time: one write is still on its way when the next is made and the place is left.
  await page.route("**/api/boards/*", async (route) => {
    await new Promise((over) => setTimeout(over, 400));
    await route.continue();
  });
  await page.goto("/board?problem=53.2-17.85");
  await page.getByRole("button", { name: "Next step" }).click();
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press("ArrowRight");
  await page.getByRole("navigation", { name: "Places" }).getByRole("link", { name: "Today" }).click();
  await expect(page).toHaveURL(/\/$/);
  await page.getByRole("link", { name: "53.2-17.85" }).first().click();
  await expect(page).toHaveURL(/step=4/);
});

test("a new board is blank, though one stood open before", async ({ page }) => {
  await page.goto("/board");
  await page.getByRole("textbox", { name: "Problem" }).fill("7.5 + 2");
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/problem=7\.5/);
  await page.getByRole("navigation", { name: "Places" }).getByRole("link", { name: "Board" }).click();
  await expect(page.getByRole("textbox", { name: "Problem" })).toHaveValue("");
  await expect(page).toHaveURL(/\/board$/);
});

test("who comes back to Today finds it scrolled as it was, with what changed", async ({ page }) => {
  for (let index = 0; index < 16; index++) {
    await page.goto(`/board?problem=${index + 2}.5%2B${index}&step=2`);
    await expect(page.getByText("Kept", { exact: true })).toBeVisible();
  }
  await page.setViewportSize({ width: 820, height: 600 });
  await page.goto("/");
  const last = page.getByRole("link", { name: "2.5+0" }).first();
  await last.scrollIntoViewIfNeeded();
  const before = await page.locator("main").evaluate((main) => main.scrollTop);
  expect(before).toBeGreaterThan(0);
  await last.click();
  await expect(page).toHaveURL(/\/board/);
  await page.getByRole("button", { name: "Next step" }).click();
  await expect(page.getByText("Kept", { exact: true })).toBeVisible();
  await page.goBack();
  await expect(page).toHaveURL(/\/$/);
  // What was worked on stands first once the list has come anew.
  await expect(page.getByRole("main").getByRole("listitem").first()).toContainText("2.5+0");
  await expect.poll(() => page.locator("main").evaluate((main) => main.scrollTop)).toBe(before);
});
