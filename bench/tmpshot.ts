import fs from "node:fs";
import { chromium } from "playwright";
import { startServer } from "../e2e/server";

const server = await startServer();
const browser = await chromium.launch({ executablePath: "/usr/bin/chromium" });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
page.setDefaultTimeout(8000);
await page.goto(`${server.url}/sheets?skill=add-like&seed=3&count=3`);
await page.waitForTimeout(800);
await page.getByRole("button", { name: "Add word problems" }).click();
await page.getByLabel("How many").last().fill("6");
await page.getByRole("button", { name: "Add them" }).click();
await page.waitForTimeout(1500);
await page.screenshot({ path: "/tmp/w/ss1.png" });
await page.getByRole("button", { name: "Print" }).first().click();
await page.waitForURL(/print/);
await page.waitForTimeout(800);
await page.screenshot({ path: "/tmp/w/ss2.png" });
const id = new URL(page.url()).pathname.split("/").pop();
for (const [n, q] of [
  ["a", "layout=squares&picture=drawn"],
  ["b", "layout=lines&picture=room&key=answers"],
  ["c", "layout=lines&picture=drawn&key=workings&tearOff=1"],
]) {
  const r = await page.request.get(`${server.url}/api/sheets/${id}/pdf?${q}`);
  fs.writeFileSync(`/tmp/w/story-${n}.pdf`, await r.body());
  console.log(n, r.status());
}
const f = await page.request.get(`${server.url}/api/sheets/${id}/file?format=csv`);
console.log((await f.text()).slice(0, 900));
await browser.close();
await server.remove();
process.exit(0);
