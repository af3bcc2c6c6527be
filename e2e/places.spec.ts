import { RUNS_WHOLE } from "@/core/testing/runs";
import { PLACES_SEEN } from "@/ui/placesSeen";
import { expect, expectAccessible, test } from "./tutor";

const SIZES = [
  { width: 1280, height: 800 },
  { width: 820, height: 1180 },
  { width: 390, height: 844 },
] as const;

for (const [nth, { name, seen, paper }] of PLACES_SEEN.entries())
  test(`${name} stands whole and can be used by all on screens of every size`, async ({ page }) => {
    for (const [at, size] of SIZES.entries()) {
      await page.setViewportSize(size);
      // Loaded once and drawn anew at the next sizes; gone through by axe at one of them, the next place at the next. Where the run is whole, both at every size.
      if (RUNS_WHOLE || at === 0) await page.goto(seen);
      if (RUNS_WHOLE || nth % SIZES.length === at) await expectAccessible(page);
      const across = await page.evaluate(() => document.documentElement.scrollWidth);
      expect(across, `${size.width} wide`).toBeLessThanOrEqual(size.width);
      if (paper) {
        const room = await page.locator("main > :first-child").boundingBox();
        const share = size.width < 700 ? 0.48 : 0.4;
        expect(room?.height ?? 0, `${size.width} wide`).toBeGreaterThanOrEqual(size.height * share);
      }
    }
  });

test("on a narrow screen the tools of the Board are behind one button each, and do what they do", async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto("/board?problem=53.2-17.85");
  await expect(page.getByRole("button", { name: "Larger squares" })).toBeHidden();
  await page.getByRole("button", { name: "View" }).click();
  await expect(page.getByRole("button", { name: "Larger squares" })).toBeVisible();
  await page.getByRole("button", { name: "Tools" }).click();
  await page.getByRole("button", { name: "Pocket calculator" }).click();
  await expect(page.getByRole("dialog")).toBeVisible();
});
