import { chromium } from "@playwright/test";
import { MOST_LEARNERS, MOST_ROWS } from "@/core/marking";
import { freshFolder, startServer } from "../e2e/server";
import config from "../playwright.config";
import { quantile } from "./browser";
import { madeUpId, makeSheet } from "./records";
import { rounded } from "./workings";

const TYPED = 40;

/** A sheet of as many rows and learners as there can be: opened, typed into, and an answer kept. In milliseconds. */
export async function measureLargeSheet() {
  const folder = freshFolder();
  makeSheet(folder, MOST_ROWS, MOST_LEARNERS).$client.close();
  const server = await startServer(folder);
  const address = `${server.url}/marking?sheet=${madeUpId("sheet", 0)}`;
  const opens: number[] = [];
  let kilobytes = 0;
  for (let nth = 0; nth < 12; nth++) {
    const from = performance.now();
    const text = await (await fetch(address)).text();
    if (nth >= 2) opens.push(performance.now() - from);
    kilobytes = text.length / 1000;
  }
  const browser = await chromium.launch(config.use?.launchOptions ?? {});
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(address);
  const field = page.getByRole("textbox", { name: /^Learner 1, / }).first();
  await field.waitFor();
  await page.waitForTimeout(2000);
  await page.evaluate(() => {
    const painted: number[] = [];
    const kept: number[] = [];
    Object.assign(window, { painted, kept });
    addEventListener(
      "keydown",
      (event) => {
        requestAnimationFrame(() => {
          const channel = new MessageChannel();
          channel.port1.onmessage = () => painted.push(performance.now() - event.timeStamp);
          channel.port2.postMessage(null);
        });
        if (event.key !== "Enter") return;
        const from = event.timeStamp;
        // The word is there before the key as well: what counts is when it is there again.
        let left = false;
        const timer = setInterval(() => {
          const said = [...document.querySelectorAll("[role=status]")].map((one) => one.textContent);
          const there = said.includes("Kept");
          if (!there) left = true;
          if (!there || (!left && performance.now() - from < 60)) return;
          clearInterval(timer);
          kept.push(performance.now() - from);
        }, 4);
      },
      { capture: true },
    );
  });
  await field.focus();
  for (let nth = 0; nth < TYPED; nth++) {
    await page.keyboard.type("4", { delay: 20 });
    await page.keyboard.press("Enter");
    await page.waitForTimeout(350);
  }
  const { painted, kept } = await page.evaluate(() => {
    const seen = window as unknown as { painted: number[]; kept: number[] };
    return { painted: seen.painted, kept: seen.kept };
  });
  await browser.close();
  await server.remove();
  return {
    open: {
      median: quantile(opens, 0.5),
      percentile95: quantile(opens, 0.95),
      kilobytes: rounded(kilobytes, 0),
    },
    keyToPaint: { median: quantile(painted, 0.5), percentile95: quantile(painted, 0.95) },
    enterToKept: { median: quantile(kept, 0.5), percentile95: quantile(kept, 0.95) },
  };
}
