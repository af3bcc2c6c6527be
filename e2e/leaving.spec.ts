import type { Page } from "@playwright/test";
import { board, expect, listening, test } from "./tutor";

/** A place where a change is kept: how to come to it, what is changed there, and how it shows that it stands. */
interface Changed {
  readonly place: string;
  readonly open: (page: Page) => Promise<void>;
  readonly change: (page: Page) => Promise<void>;
  readonly stands: (page: Page) => Promise<void>;
}

const sheetName = (page: Page) => page.getByRole("textbox", { name: "The name of the sheet" });
const units = (page: Page) =>
  page.getByRole("radiogroup", { name: "Single things are" }).getByRole("radio", { name: "units" });

const PLACES: readonly Changed[] = [
  {
    place: "the Board",
    open: async (page) => {
      await page.goto("/board");
      await board(page).work("3.5 + 4.5");
      await expect(board(page).kept).toBeVisible();
    },
    change: (page) => page.keyboard.press("ArrowRight"),
    stands: (page) => expect(board(page).run).toHaveAttribute("aria-valuenow", "2"),
  },
  {
    place: "a kept sheet",
    open: async (page) => {
      await page.goto("/sheets?skill=add-several&count=4");
      await page.getByRole("button", { name: "Keep this sheet" }).click();
      await page.waitForURL(/\/sheets\/[a-z0-9]{20}$/);
      await listening(page);
    },
    change: (page) => sheetName(page).fill("For the Tuesday group"),
    stands: (page) => expect(sheetName(page)).toHaveValue("For the Tuesday group"),
  },
  {
    place: "House rules",
    open: async (page) => {
      await page.goto("/house-rules");
      await listening(page);
    },
    change: (page) => page.getByRole("radiogroup", { name: "Single things are" }).getByText("units").click(),
    stands: (page) => expect(units(page)).toBeChecked(),
  },
  {
    place: "Marking",
    open: async (page) => {
      await page.goto("/marking");
      await page.getByRole("textbox", { name: "Next problem" }).fill("4.7 + 3.8");
      await page.keyboard.press("Enter");
      await page.getByRole("combobox", { name: "Next learner" }).fill("Vera");
      await page.keyboard.press("Enter");
      await expect(page.getByText("Kept", { exact: true })).toBeVisible();
    },
    change: async (page) => {
      await page.getByRole("textbox", { name: "Vera, 4.7 + 3.8" }).fill("8.5");
      await page.keyboard.press("Enter");
    },
    stands: (page) => expect(page.getByRole("textbox", { name: "Vera, 4.7 + 3.8" })).toHaveValue("8.5"),
  },
];

/** What the browser asks while something is done; the tutor stays. */
async function staysWhenAsked(page: Page, act: () => Promise<unknown>): Promise<string> {
  const asked = new Promise<string>((resolve) =>
    page.once("dialog", (dialog) => {
      resolve(dialog.type());
      void dialog.dismiss();
    }),
  );
  await act().catch(() => undefined);
  return asked;
}

for (const { place, open, change, stands } of PLACES) {
  test(`what is not kept on ${place} is asked about before it is left, and comes to the disk`, async ({
    page,
  }) => {
    await open(page);
    await page.route("**/api/**", (route) => route.abort());
    await change(page);
    await expect(page.getByText(/Not (all is )?kept yet/)).toBeVisible();
    const rail = page.getByRole("navigation").getByRole("link", { name: "Learners" });
    for (const leave of [
      () => rail.click({ noWaitAfter: true }),
      () => page.keyboard.press("Alt+5"),
      () => page.reload({ timeout: 3000 }),
      () => page.close({ runBeforeUnload: true }),
    ]) {
      expect(await staysWhenAsked(page, leave)).toBe("beforeunload");
      await stands(page);
    }
    await page.unroute("**/api/**");
    await expect(page.getByText("Kept", { exact: true })).toBeVisible();
    await page.reload();
    await listening(page);
    await stands(page);
  });
}
