// npm run screenshots: a picture of each main view from the demo data, into docs/screenshots.
import { execFileSync } from "node:child_process";
import fs from "node:fs";
import os from "node:os";
import path from "node:path";
import { chromium, type Page } from "@playwright/test";
import { PLACES_SEEN } from "@/ui/placesSeen";
import { startServer } from "../e2e/server";
import config from "../playwright.config";

interface View {
  readonly name: string;
  readonly place: string;
  readonly size?: { readonly width: number; readonly height: number };
  readonly theme?: "paper" | "slate";
  readonly before?: (page: Page) => Promise<void>;
}

const TABLET = { width: 820, height: 1180 };

const VIEWS: readonly View[] = [
  ...PLACES_SEEN.flatMap(({ picture }) =>
    picture === undefined ? [] : [{ name: picture.name, place: picture.at }],
  ),
  { name: "board-slate", place: "/board?id=demochainoil0000002", theme: "slate" },
  { name: "board-tablet", place: "/board?id=demospokelength0004", size: TABLET },
  {
    name: "story",
    place: "/stories?kind=several-in-a-heavy-box&seed=4",
    before: async (page) => {
      await page.getByRole("button", { name: "How it is worked" }).click();
      await page.getByRole("button", { name: "Next" }).click();
    },
  },
  { name: "board-fractions", place: "/board?id=demospanners000013" },
  { name: "board-beside", place: "/board?id=demospokeboxes00011" },
  {
    name: "probe",
    place: "/sheets/probe?strand=addingSubtracting",
    theme: "slate",
    size: TABLET,
    before: async (page) => {
      await page.getByRole("button", { name: "Begin" }).click();
      await page.locator("[data-probe-problem]").waitFor();
    },
  },
  {
    name: "your-turn",
    place: "/your-turn?problem=53.2-17.8",
    before: (page) => press(page, "5 3 . 2 Enter - 1 7 . 8 r s 2 1 4 . s 4 1 6 3"),
  },
  {
    name: "your-turn-picture",
    place: "/your-turn?problem=2/3%2B1/4",
    before: async (page) => {
      await page.getByRole("button", { name: "Draw and lay" }).click();
      await press(page, "w 3 a a ArrowDown ArrowDown w 4 a ArrowUp ArrowUp * 4 ArrowDown ArrowDown * 3");
      await press(page, "ArrowDown ArrowDown 2 / 3 + 1 / 4 = 1 1 / 1 2");
    },
  },
  {
    name: "your-turn-tablet",
    place: "/your-turn?problem=23%C3%9714&method=lattice&fixed=1&part=setOut",
    size: TABLET,
    theme: "slate",
    before: (page) => press(page, "0 2 0 3 ArrowLeft ArrowLeft ArrowDown 0 8"),
  },
  {
    name: "marking",
    place: "/marking?sheet=demosheetcables00001",
    before: async (page) => {
      await page.getByRole("textbox", { name: "Nadia, 12.03 − 4.578" }).focus();
      await page.getByRole("region", { name: "Nadia on this sheet" }).waitFor();
    },
  },
  {
    name: "safe-keeping",
    place: "/safe-keeping",
    before: async (page) => {
      await page.getByRole("button", { name: "Back up now" }).click();
      await page.getByRole("link", { name: /^Look inside/ }).click();
      await page.getByRole("region", { name: "Inside the backup" }).waitFor();
    },
  },
];

async function press(page: Page, keys: string): Promise<void> {
  for (const key of keys.split(" ")) await page.keyboard.press(key);
}

const folder = fs.mkdtempSync(path.join(os.tmpdir(), "right-sum-screenshots-"));
execFileSync(process.execPath, ["node_modules/tsx/dist/cli.mjs", "src/demo/make.ts", folder]);
const server = await startServer(folder);
const browser = await chromium.launch(config.use?.launchOptions ?? {});
for (const { name, place, size, theme = "paper", before } of VIEWS) {
  const page = await browser.newPage({
    viewport: size ?? { width: 1280, height: 800 },
    colorScheme: theme === "slate" ? "dark" : "light",
    reducedMotion: "reduce",
  });
  await page.goto(server.url + place);
  await page.waitForLoadState("load");
  if (theme === "slate")
    await page.evaluate(() => document.documentElement.setAttribute("data-theme", "slate"));
  await page.waitForTimeout(500);
  await before?.(page);
  await page.waitForTimeout(500);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
  await page.close();
}
await browser.close();
await server.remove();
