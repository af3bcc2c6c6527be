// npm run screenshots: a picture of each main view from the demo data, into docs/screenshots.
import { execFileSync } from "node:child_process";
import fs from "node:fs";
import os from "node:os";
import path from "node:path";
import { chromium, type Page } from "@playwright/test";
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
const ADDITION = "/board?id=demobrakecable00001";

const VIEWS: readonly View[] = [
  { name: "today", place: "/" },
  { name: "board", place: ADDITION },
  { name: "board-slate", place: "/board?id=demochainoil0000002", theme: "slate" },
  { name: "board-tablet", place: "/board?id=demospokelength0004", size: TABLET },
  {
    name: "board-check",
    place: "/board?id=demobelowsea0000005",
    before: (page) => page.keyboard.press("End"),
  },
  {
    name: "board-house-rules",
    place: "/board?id=demoacrosszeros0006",
    before: async (page) => {
      await page.keyboard.press("r");
      await page.getByRole("dialog").waitFor();
    },
  },
  {
    name: "board-asks",
    place: "/board",
    before: (page) => page.getByRole("textbox", { name: "Problem" }).fill("18.99 + 7,5"),
  },
  { name: "house-rules", place: "/house-rules" },
  { name: "methods", place: "/methods" },
  { name: "board-lattice", place: "/board?id=demotubepatches0009" },
  { name: "board-division", place: "/board?id=demogearcable000010" },
  { name: "board-fractions", place: "/board?id=demospanners000013" },
  { name: "board-change", place: "/board?id=demochange00000014", theme: "slate" },
  { name: "board-measures", place: "/board?id=demoparcel00000015" },
  { name: "board-signed", place: "/board?id=demoheights0000016" },
  { name: "board-chain", place: "/board?id=demobill0000000017", size: TABLET },
  { name: "board-corner", place: "/board?id=demolubeperwheel012", theme: "slate" },
  { name: "board-beside", place: "/board?id=demospokeboxes00011" },
  {
    name: "board-calculator",
    place: "/board?problem=10.4+%C3%B7+0.3&step=5",
    before: async (page) => {
      await page.keyboard.press("c");
      await page.getByRole("button", { name: "Key this problem in" }).click();
      await page.waitForTimeout(4500);
    },
  },
];

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
  await page.waitForTimeout(500);
  await before?.(page);
  await page.waitForTimeout(500);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
  await page.close();
}
await browser.close();
await server.remove();
