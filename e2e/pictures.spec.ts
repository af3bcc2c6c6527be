import type { Page } from "@playwright/test";
import { pointOf } from "./paperPad";
import { expect, expectAccessible, listening, test } from "./tutor";

const soFar = (page: Page) => page.getByRole("region", { name: "So far" });

const open = async (page: Page, problem: string): Promise<void> => {
  await page.goto(`/your-turn?problem=${encodeURIComponent(problem)}`);
  await listening(page);
};

const press = async (page: Page, keys: string): Promise<void> => {
  for (const key of keys.split(" ")) await page.keyboard.press(key);
};

const drag = async (page: Page, from: readonly [number, number], to: readonly [number, number]) => {
  const [start, end] = [await pointOf(page, ...from), await pointOf(page, ...to)];
  await page.mouse.move(start.x, start.y);
  await page.mouse.down();
  await page.mouse.move(end.x, end.y, { steps: 5 });
  await page.mouse.up();
};

const marks = (page: Page, kind: string) => page.locator(`[data-cols] [data-mark=${kind}]`);

test("two bars are shaded, cut again into the common piece and joined; a wrong fraction beside is told", async ({
  page,
}) => {
  await open(page, "2/3 + 1/4");
  // A bar in thirds with two of them shaded, and one in quarters with one shaded.
  await press(page, "w 3 a a ArrowDown ArrowDown w 4 a");
  await press(page, "* 3 ArrowUp ArrowUp * 4");
  await expect(marks(page, "shape")).toHaveCount(2);
  // The second is put on the first, which takes what is shaded: eleven twelfths.
  await drag(page, [4, 4], [4, 2]);
  await expect(marks(page, "shape")).toHaveCount(1);
  await page.keyboard.press("Control+Enter");
  await expect(soFar(page)).not.toContainText("could not be made out");
  await press(page, "ArrowDown ArrowDown 1 1 / 1 2");
  await page.keyboard.press("Control+Enter");
  await expect(soFar(page)).toContainText("All is well");
  // One part less shaded, and the fraction under the bar says something else.
  const part = await pointOf(page, 5, 2);
  await page.mouse.click(part.x, part.y);
  await page.keyboard.press("Control+Enter");
  await expect(soFar(page)).toContainText("Look again at this picture.");
  await page.keyboard.press("Control+z");
  await page.keyboard.press("Control+Enter");
  await expect(soFar(page)).toContainText("All is well");
  await expectAccessible(page);
});

test("counters are laid, dragged, struck in pairs and read", async ({ page }) => {
  await open(page, "-3 + 5");
  await press(page, "p Shift+P p p Enter p Shift+P p p p p");
  await expect(marks(page, "token")).toHaveCount(8);
  await drag(page, [5, 2], [9, 6]);
  // Three pairs are struck: all below zero, and three of those above.
  await press(page, "s");
  for (const [col, row] of [
    [3, 2],
    [4, 2],
    [3, 3],
    [4, 3],
  ] as const) {
    const point = await pointOf(page, col, row);
    await page.mouse.click(point.x, point.y);
    await page.keyboard.press("s");
  }
  await page.keyboard.press("Control+Enter");
  await expect(soFar(page)).toContainText("Look again at what is struck.");
  const last = await pointOf(page, 5, 3);
  await page.mouse.click(last.x, last.y);
  await page.keyboard.press("s");
  const free = await pointOf(page, 3, 8);
  await page.mouse.click(free.x, free.y);
  await press(page, "2");
  await page.keyboard.press("Control+Enter");
  await expect(soFar(page)).toContainText("All is well: that answers it.");
  await expectAccessible(page);
});

test("a strip is traded for ten small squares, and a frame is drawn by dragging", async ({ page }) => {
  await open(page, "0.3 − 0.04");
  await press(page, "p Shift+P p p ArrowLeft e");
  await expect(marks(page, "token")).toHaveCount(12);
  await press(page, "f");
  await drag(page, [3, 8], [6, 9]);
  await expect(marks(page, "frame")).toHaveCount(1);
});
