import type { Page } from "@playwright/test";
import { drawn } from "../src/core/testing/papers/drawn";
import { listening } from "./tutor";

const KEYS: Readonly<Record<string, string>> = { "−": "-", "×": "*", "÷": ":" };

/** Where the hand is, as the paper says it. */
const handAt = async (page: Page): Promise<readonly [number, number]> => {
  const name = await page.getByRole("img", { name: /^Your paper/ }).getAttribute("aria-label");
  const [, across = "1", down = "1"] = /square (\d+) across, (\d+) down/.exec(name ?? "") ?? [];
  return [Number(across) - 1, Number(down) - 1];
};

export const goTo = async (page: Page, col: number, row: number): Promise<void> => {
  const [x, y] = await handAt(page);
  for (let nth = 0; nth < Math.abs(col - x); nth++)
    await page.keyboard.press(col > x ? "ArrowRight" : "ArrowLeft");
  for (let nth = 0; nth < Math.abs(row - y); nth++)
    await page.keyboard.press(row > y ? "ArrowDown" : "ArrowUp");
};

/** Writes a drawn paper by keyboard, mark after mark, from the top. */
export const writePaper = async (page: Page, paper: string): Promise<void> => {
  const { marks } = drawn(paper);
  const rows = [...new Set(marks.map(({ row }) => row))].sort((a, b) => a - b);
  for (const row of rows) {
    for (const mark of marks.filter((one) => one.row === row)) {
      const bar = mark.kind === "rule" && /_/.test(paper);
      if (mark.kind === "rule" && !bar) {
        await goTo(page, mark.from, row);
        await page.keyboard.press("r");
      }
      if (mark.kind === "upright") {
        await goTo(page, mark.line, row);
        await page.keyboard.press("b");
      }
      if (bar && mark.kind === "rule") {
        const over = marks.flatMap((one) =>
          one.kind === "glyph" && one.row === row - 1 && one.col < mark.to ? [one.col] : [],
        );
        await goTo(page, Math.max(...over) + 1, row - 1);
        await page.keyboard.press("/");
      }
    }
    for (const mark of marks.filter((one) => one.row === row)) {
      if (mark.kind === "glyph") {
        await goTo(page, mark.col, row);
        await page.keyboard.press(KEYS[mark.text] ?? mark.text);
      }
      if (mark.kind === "point") {
        await goTo(page, mark.line, row);
        // Where one writes to the left, the point stands behind the square.
        if ((await page.locator("[data-goes]").getAttribute("data-goes")) === "left")
          await goTo(page, mark.line - 1, row);
        await page.keyboard.press(".");
      }
    }
  }
};

export const soFar = (page: Page) => page.getByRole("region", { name: "So far" });

export const open = async (page: Page, problem: string, more = ""): Promise<void> => {
  await page.goto(`/your-turn?problem=${encodeURIComponent(problem)}${more}`);
  await listening(page);
};
