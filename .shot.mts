import fs from "node:fs";
import { chromium } from "@playwright/test";

const jobs = JSON.parse(fs.readFileSync(process.argv[2]!, "utf8"));
const base = `http://127.0.0.1:${process.env.P ?? 3111}`;
const browser = await chromium.launch({
  executablePath: "/usr/bin/chromium",
  args: [
    "--no-sandbox",
    "--disable-quic",
    "--disable-background-networking",
    "--disable-component-update",
    "--disable-sync",
    "--no-first-run",
  ],
});
for (const job of jobs) {
  const page = await browser.newPage({
    viewport: { width: job.w ?? 1280, height: job.h ?? 800 },
    reducedMotion: "reduce",
  });
  page.on("pageerror", (e) => console.log(job.out, "pageerror", e.message.slice(0, 300)));
  await page.goto(base + job.url);
  await page.waitForTimeout(700);
  for (const act of job.do ?? []) {
    if (act.key) await page.keyboard.press(act.key);
    if (act.type) await page.keyboard.type(act.type);
    if (act.click) await page.locator(act.click).first().click({ timeout: 5000 });
    if (act.wait) await page.waitForTimeout(act.wait);
    if (act.theme)
      await page.evaluate((t) => {
        document.documentElement.dataset.theme = t;
      }, act.theme);
    await page.waitForTimeout(60);
  }
  await page.waitForTimeout(250);
  await page.screenshot({ path: job.out });
  await page.close();
}
await browser.close();
