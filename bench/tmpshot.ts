import { chromium } from "@playwright/test";
import { startServer } from "../e2e/server";
const server = await startServer();
const browser = await chromium.launch({ executablePath: "/usr/bin/chromium", args: ["--no-sandbox"] });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
page.setDefaultTimeout(8000);
page.on("console", (m) => m.type() === "error" && console.log("console:", m.text().slice(0, 300)));
page.on("pageerror", (e) => console.log("pageerror", e.message.slice(0, 300)));
try {
  await page.goto(server.url + "/sheets/probe?strand=fractions");
  await page.waitForTimeout(1500);
  await page.getByRole("button", { name: "Begin" }).click();
  await page.waitForTimeout(700);
  await page.keyboard.type("3/8"); await page.keyboard.press("Enter");
  await page.waitForTimeout(700);
  await page.screenshot({ path: "/tmp/w/p1.png" });
  await page.setViewportSize({ width: 820, height: 1180 });
  await page.request.put(server.url + "/api/view", { data: { theme: "slate", square: 50, placeNames: true, sayLine: true, estimateWaits: false, aloud: false, pace: 1 } }).then(async (r) => r.ok() || console.log(await r.text()));
  await page.goto(server.url + "/sheets?skill=add-unlike,subtract-mixed&count=8");
  await page.waitForTimeout(900);
  await page.getByRole("button", { name: "What it trains" }).click();
  await page.getByRole("button", { name: "Show the answers" }).click();
  await page.screenshot({ path: "/tmp/w/p2.png" });
} catch (e) { console.log(String(e).slice(0, 600)); await page.screenshot({ path: "/tmp/w/s9.png" }); }
await browser.close(); await server.remove(); process.exit(0);
