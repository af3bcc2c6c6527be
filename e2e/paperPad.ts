import type { Page } from "@playwright/test";

/** The middle of a square of the learner's paper on the screen, brought into view first; columns below zero lie in the margin. */
export async function pointOf(
  page: Page,
  col: number,
  row: number,
): Promise<{ readonly x: number; readonly y: number }> {
  const pad = page.locator("[data-cols]");
  return pad.evaluate(
    (element, at) => {
      const { cols, rows, margin } = element instanceof HTMLElement ? element.dataset : {};
      const [across, down] = [(at.col + 0.5 + Number(margin)) / Number(cols), (at.row + 0.5) / Number(rows)];
      const room = element.closest("[data-room]");
      const place = (): DOMRect => element.getBoundingClientRect();
      if (room instanceof HTMLElement) {
        const view = room.getBoundingClientRect();
        const x = place().left + place().width * across;
        const y = place().top + place().height * down;
        if (x < view.left + 20 || x > view.right - 20) room.scrollLeft += x - view.left - view.width / 2;
        if (y < view.top + 20 || y > view.bottom - 20) room.scrollTop += y - view.top - view.height / 2;
      }
      const box = place();
      return { x: box.left + box.width * across, y: box.top + box.height * down };
    },
    { col, row },
  );
}
