import AxeBuilder from "@axe-core/playwright";
import { type BrowserContext, test as base, expect, type Page } from "@playwright/test";
import type { z } from "zod";
import { API_ROUTES } from "@/service/apiRoutes";
import { keptHouse } from "@/service/kept/house";
import { FIRST_VIEW } from "@/service/kept/view";
import { type Server, startServer } from "./server";

/** A browser test with a window of its own, for what is asked of it (touch) or must not have been loaded before. All tests of a worker share one server; each types problems of its own. */
export const testApart = base.extend<
  object,
  { readonly server: Server; readonly sharedContext: BrowserContext }
>({
  server: [
    // biome-ignore lint/correctness/noEmptyPattern: the runner wants the pattern to see what is asked for
    async ({}, use) => {
      const server = await startServer();
      await use(server);
      await server.remove();
    },
    { scope: "worker" },
  ],
  sharedContext: [
    async ({ browser, server }, use) => {
      const context = await browser.newContext({
        baseURL: server.url,
        viewport: { width: 1280, height: 800 },
      });
      await use(context);
      await context.close();
    },
    { scope: "worker" },
  ],
  baseURL: async ({ server }, use) => use(server.url),
  // The tests of a worker share a database; each begins with the view, the house rules and the stock list of a new tutor.
  page: async ({ page, server }, use, info) => {
    await page.request.put(`${server.url}${API_ROUTES.view}`, { data: FIRST_VIEW });
    await page.request.put(`${server.url}${API_ROUTES.stockUsed}`, { data: { used: "" } });
    const house = `${server.url}${API_ROUTES.house}`;
    const { revision: saw } = keptHouse.told.parse(await (await page.request.get(house)).json());
    await page.request.put(house, { data: { state: {}, saw } satisfies z.infer<typeof keptHouse.sent> });
    // What the windows of the test before remember, for when they come back, is not this one's.
    const session = await page.context().newCDPSession(page);
    await session.send("Storage.clearDataForOrigin", { origin: server.url, storageTypes: "local_storage" });
    await session.detach();
    const heard: string[] = [];
    page.on("pageerror", (error) => heard.push(error.message));
    page.on("console", (line) => line.type() === "error" && heard.push(line.text()));
    page.on("requestfailed", (request) => heard.push(`${request.url()}: ${request.failure()?.errorText}`));
    page.on("response", (one) => one.status() >= 500 && heard.push(`${one.url()}: ${one.status()}`));
    const goto = page.goto.bind(page);
    page.goto = async (...where) => {
      const response = await goto(...where);
      await listening(page);
      return response;
    };
    await use(page);
    // Where a test fails, what its page complained of stands beside the failure.
    if (info.status !== info.expectedStatus && heard.length > 0)
      console.log(["What the page said:", ...heard].join("\n  "));
  },
});

/** The windows of a worker's tests share what the browser has loaded: opening a page anew costs a third more. */
export const test = testApart.extend({
  context: async ({ sharedContext, hasTouch }, use) => {
    if (hasTouch) throw new Error("Shared windows have no touch: take testApart.");
    await use(sharedContext);
    for (const page of sharedContext.pages()) await page.close();
    await sharedContext.unrouteAll();
    await sharedContext.setOffline(false);
    await sharedContext.clearCookies();
    await sharedContext.clearPermissions();
  },
});

export { expect };

/** Waits until a page that has just loaded listens: what is seen before that is the server's picture of it. */
export async function listening(page: Page): Promise<void> {
  await page.waitForFunction(() =>
    Object.keys(document.querySelector("main:not([aria-busy=true])") ?? {}).some((name) =>
      name.startsWith("__react"),
    ),
  );
  // The page is known to React then, but keys are listened for only after its effects: when nothing is left to do.
  await page.evaluate(
    () =>
      new Promise((done) =>
        requestIdleCallback(() => requestIdleCallback(done, { timeout: 3000 }), { timeout: 3000 }),
      ),
  );
}

/** What a tutor sees and does on the Board. */
export const board = (page: Page) => ({
  field: page.getByRole("textbox", { name: "Problem" }),
  paper: page.getByRole("img", { name: /^Squared paper/ }),
  say: page.getByRole("region", { name: "Say" }),
  ask: page.getByRole("region", { name: "Ask" }),
  why: page.getByRole("region", { name: "Why" }),
  estimate: page.getByRole("region", { name: "Estimate" }),
  run: page.getByRole("slider", { name: "Run" }),
  kept: page.getByText("Kept", { exact: true }),
  /** Types a problem and opens it. */
  async work(problem: string): Promise<void> {
    const field = page.getByRole("textbox", { name: "Problem" });
    await field.fill(problem);
    await field.press("Enter");
    // On a machine with too much to do, a key can come before the page hears it: whoever sees that presses it again.
    const waits = page.getByText("Reads as");
    await waits.waitFor({ state: "hidden", timeout: 4000 }).catch(() => field.press("Enter"));
  },
});

/** Fails where axe finds something serious or critical on the page as it is. */
export async function expectAccessible(page: Page): Promise<void> {
  // The title of a page that was gone to comes a moment after its rest.
  await expect(page).toHaveTitle(/\S/);
  // No page has frames, and what passes is not asked for: in a third of the time.
  const { violations } = await new AxeBuilder({ page })
    .options({
      runOnly: ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"],
      resultTypes: ["violations"],
    })
    .setLegacyMode(true)
    .analyze();
  const serious = violations.filter(({ impact }) => impact === "serious" || impact === "critical");
  expect(serious.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(" ")}`)).toEqual([]);
}
