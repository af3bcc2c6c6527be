import { expect, expectAccessible, listening, test } from "./tutor";

test("a word problem is read, its givens are underlined and what is not needed is struck, then it is worked on the Board and answered in a sentence", async ({
  page,
}) => {
  await page.goto("/stories");
  await page.getByRole("link", { name: "A number that is not needed" }).press("Enter");
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
