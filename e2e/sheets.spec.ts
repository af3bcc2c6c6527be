import { expect, expectAccessible, listening, test } from "./tutor";

test("a sheet is drawn from a rung of the ladder, the same again for the same address, and goes to the Board and to a learner", async ({
  page,
}) => {
  await page.goto("/sheets");
  await page.getByRole("link", { name: "Taking away across zeros" }).click();
  await expect(page.getByRole("heading", { name: "Taking away across zeros" })).toBeVisible();
  const problems = page.locator("main ol li");
  await expect(problems).toHaveCount(12);
  const before = await problems.allTextContents();
  await page.reload();
  expect(await problems.allTextContents()).toEqual(before);
  await page.getByRole("link", { name: "Draw others" }).click();
  await expect(page).toHaveURL(/seed=2/);
  await expect.poll(() => problems.allTextContents()).not.toEqual(before);
  await page.getByRole("link", { name: "20 problems" }).click();
  await expect(problems).toHaveCount(20);
  await page.getByRole("button", { name: "Show the answers" }).click();
  await expect(problems.first()).toContainText(/\d0\d+ − \d+\d+/);
  await expect(page.getByRole("region", { name: "What goes wrong here" })).toContainText(/zero/i);
  await expectAccessible(page);
  await problems.first().getByRole("link", { name: "Board" }).click();
  await page.waitForURL(/\/board/);
  await page.goBack();
  await problems.first().getByRole("link", { name: "Your turn" }).click();
  await page.waitForURL(/your-turn/);
  await listening(page);
});
