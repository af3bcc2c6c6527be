import { type Browser, chromium } from "@playwright/test";
import { PLACES_SEEN } from "@/ui/placesSeen";
import config from "../playwright.config";
import { rounded } from "./workings";

/** The value that a share of the sorted values lie at or below. */
export function quantile(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  return rounded(sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0, 1);
}

async function withBrowser<Value>(use: (browser: Browser) => Promise<Value>): Promise<Value> {
  const browser = await chromium.launch(config.use?.launchOptions ?? {});
  try {
    return await use(browser);
  } finally {
    await browser.close();
  }
}

/** Milliseconds from asking for a page to the last byte of its HTML, over 60 askings. */
export async function measureServer(url: string) {
  const rows: { readonly page: string; readonly median: number; readonly percentile95: number }[] = [];
  for (const { name: page, seen } of PLACES_SEEN) {
    const times: number[] = [];
    for (let asking = 0; asking < 70; asking++) {
      const from = performance.now();
      await (await fetch(url + seen)).text();
      if (asking >= 10) times.push(performance.now() - from);
    }
    rows.push({ page, median: quantile(times, 0.5), percentile95: quantile(times, 0.95) });
  }
  return rows;
}

/** Milliseconds from a key's own time stamp to the moment after the frame with its step was painted, over 200 steps. */
export const measureBoardKeys = (url: string) =>
  withBrowser(async (browser) => {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(`${url}/board?problem=300.0204%2B48.756%2B9.99%2B12&step=1`);
    await page.waitForFunction(() => document.querySelector("[role=slider]") !== null);
    await page.evaluate(() => {
      const times: number[] = [];
      Object.assign(window, { times });
      window.addEventListener(
        "keydown",
        (event) => {
          requestAnimationFrame(() => {
            const channel = new MessageChannel();
            channel.port1.onmessage = () => times.push(performance.now() - event.timeStamp);
            channel.port2.postMessage(null);
          });
        },
        { capture: true },
      );
    });
    for (let round = 0; round < 10; round++) {
      for (let step = 0; step < 10; step++) await page.keyboard.press("ArrowRight", { delay: 15 });
      for (let step = 0; step < 10; step++) await page.keyboard.press("ArrowLeft", { delay: 15 });
    }
    await page.waitForTimeout(200);
    const times = await page.evaluate(() => (window as unknown as { times: number[] }).times);
    return { steps: times.length, median: quantile(times, 0.5), percentile95: quantile(times, 0.95) };
  });

/** Milliseconds from the click on a kept board in the list of Today to its paper, and from going back to the list, over 30 rounds. */
export const measureGoing = (url: string) =>
  withBrowser(async (browser) => {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(`${url}/board?problem=53.2-17.8&step=3`);
    await page.getByText("Kept", { exact: true }).waitFor();
    await page.goto(url);
    const rounds: { readonly open: number; readonly back: number }[] = [];
    for (let round = 0; round < 34; round++) {
      await page.waitForLoadState("networkidle");
      const took = await page.evaluate(async () => {
        const link = 'main a[href*="53.2-17.8"]';
        const from = performance.now();
        document.querySelector<HTMLElement>(link)?.click();
        while (document.querySelector("[role=slider]") === null) await new Promise(requestAnimationFrame);
        const open = performance.now() - from;
        await new Promise((over) => setTimeout(over, 400));
        const left = performance.now();
        history.back();
        while (document.querySelector("[role=slider]") !== null || document.querySelector(link) === null)
          await new Promise(requestAnimationFrame);
        return { open, back: performance.now() - left };
      });
      if (round >= 4) rounds.push(took);
    }
    const figures = (times: readonly number[]) => ({
      median: quantile(times, 0.5),
      percentile95: quantile(times, 0.95),
    });
    return {
      open: figures(rounds.map(({ open }) => open)),
      back: figures(rounds.map(({ back }) => back)),
    };
  });

/** The JavaScript each page loads at first, as it crosses the wire. */
export const measureFirstLoads = (url: string) =>
  withBrowser(async (browser) => {
    const rows: { readonly page: string; readonly kilobytes: number }[] = [];
    for (const { name, seen } of PLACES_SEEN) {
      const context = await browser.newContext();
      const page = await context.newPage();
      const wire = await context.newCDPSession(page);
      const scripts = new Set<string>();
      let bytes = 0;
      await wire.send("Network.enable");
      wire.on("Network.responseReceived", ({ requestId, type }) => {
        if (type === "Script") scripts.add(requestId);
      });
      wire.on("Network.loadingFinished", ({ requestId, encodedDataLength }) => {
        if (scripts.has(requestId)) bytes += encodedDataLength;
      });
      await page.goto(url + seen);
      await page.waitForTimeout(1500);
      rows.push({ page: name, kilobytes: rounded(bytes / 1000, 1) });
      await context.close();
    }
    return rows;
  });
