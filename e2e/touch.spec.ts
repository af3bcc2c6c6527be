import type { Page } from "@playwright/test";
import { pointOf } from "./paperPad";
import { expect, expectAccessible, listening, testApart } from "./tutor";

const SCREENS = [
  ["a tablet", { width: 820, height: 1180 }],
  ["a phone", { width: 390, height: 844 }],
] as const;

const open = async (page: Page, problem: string): Promise<void> => {
  await page.goto(`/your-turn?problem=${encodeURIComponent(problem)}`);
  await listening(page);
};

const square = async (page: Page, col: number, row: number): Promise<void> => {
  const { x, y } = await pointOf(page, col, row);
  await page.touchscreen.tap(x, y);
};

const NAMES: Readonly<Record<string, string>> = {
  ".": "Point",
  "/": "Fraction bar",
  R: "Rule",
  N: "Next line",
  S: "Strike through",
  B: "Rub out",
};

/** Taps one key after another, each by what it writes or its letter. */
const taps = async (page: Page, keys: string): Promise<void> => {
  for (const key of keys.split(" "))
    await page.getByRole("button", { name: NAMES[key] ?? key, exact: true }).tap();
};

const told = (page: Page) => page.getByRole("region", { name: "So far" });
const answer = (page: Page) => page.getByRole("textbox", { name: "Your answer" });

for (const [name, viewport] of SCREENS) {
  testApart.describe(`on ${name}`, () => {
    testApart.use({ viewport, hasTouch: true });

    testApart("an addition is written by touch, its error found and mended", async ({ page }) => {
      await open(page, "47 + 38");
      await square(page, 4, 2);
      await taps(page, "4 7 N + 3 8 R 5 7");
      await expect(told(page)).toContainText("Look again at the tens: 7 is written there.");
      await taps(page, "B 8");
      await expect(answer(page)).toHaveValue("85");
      await expect(told(page)).not.toContainText("Look again");
      await expectAccessible(page);
    });

    testApart("a subtraction with two exchanges takes 21 taps", async ({ page }) => {
      await open(page, "53.2 − 17.8");
      await taps(page, "5 3 . 2 N − 1 7 . 8 R S 2 1 4 . S 4 1 5 3");
      await expect(answer(page)).toHaveValue("35.4");
      await expect(told(page)).toContainText("All is well: that answers it.");
    });

    testApart("fractions are written over and under their bars", async ({ page }) => {
      await open(page, "1/4 + 2/4");
      await taps(page, "1 / 4 + 2 / 4 = 3 / 4");
      await expect(answer(page)).toHaveValue("3/4");
      await expect(told(page)).toContainText("All is well: that answers it.");
    });

    testApart("counters are laid and moved by touch", async ({ page }) => {
      await open(page, "-2 + 3");
      const key = (label: string) => page.getByRole("button", { name: label, exact: true }).tap();
      await key("Draw and lay");
      for (let nth = 0; nth < 2; nth++) await key("Lay a counter −");
      await key("Next line");
      for (let nth = 0; nth < 3; nth++) await key("Lay a counter +");
      // One is taken up, and put down in another square.
      await square(page, 5, 3);
      await key("Take up");
      await square(page, 5, 5);
      await key("Put down");
      for (const [col, row] of [
        [3, 2],
        [4, 2],
        [3, 3],
        [4, 3],
      ] as const) {
        await square(page, col, row);
        await key("Strike through");
      }
      await square(page, 3, 7);
      await key("1");
      await expect(answer(page)).toHaveValue("1");
      await expect(told(page)).toContainText("All is well: that answers it.");
    });
  });
}
