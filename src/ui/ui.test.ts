import { describe, expect, it } from "vitest";
import { FIRST_VIEW, PACES, SQUARE_SIZES, THEMES } from "@/service/kept/view";
import { BOARD_KEYS, boardActOf } from "./shortcuts/boardKeys";
import { EVERYWHERE, SHORTCUTS } from "./shortcuts/shortcuts";
import { ago } from "./today/ago";

const press = (key: string, held: Partial<Record<"ctrlKey" | "altKey" | "metaKey", boolean>> = {}) =>
  boardActOf({ key, ctrlKey: false, altKey: false, metaKey: false, ...held });

describe("the keys of the Board", () => {
  it("stand for one act each, and every act has one row", () => {
    const keys = BOARD_KEYS.flatMap((row): readonly string[] => row.keys);
    expect(new Set(keys).size).toBe(keys.length);
    expect(new Set(BOARD_KEYS.map(({ act }) => act)).size).toBe(BOARD_KEYS.length);
    for (const { keys: pressed, act } of BOARD_KEYS) for (const key of pressed) expect(press(key)).toBe(act);
  });

  it("leave the browser its own keys", () => {
    expect(press("r", { ctrlKey: true })).toBeUndefined();
    expect(press("ArrowLeft", { altKey: true })).toBeUndefined();
    expect(press("p", { metaKey: true })).toBeUndefined();
    expect(press("q")).toBeUndefined();
  });
});

describe("the keys of every place", () => {
  it.each(SHORTCUTS)("are no two alike in $place, nor one of those that work everywhere", ({ rows }) => {
    const keys = [...rows, ...EVERYWHERE].flatMap(({ keys: named = [], shown }) => [
      ...named,
      ...shown.split(", "),
    ]);
    const once = [...rows, ...EVERYWHERE].flatMap(({ keys: named = [], shown }) => [
      ...new Set([...named, ...shown.split(", ")]),
    ]);
    expect(once.filter((key, nth) => once.indexOf(key) !== nth)).toEqual([]);
    expect(keys.length).toBeGreaterThan(0);
  });
});

describe("when something was", () => {
  const now = new Date(2026, 5, 20, 12, 0, 0);
  const before = (minutes: number): Date => new Date(now.getTime() - minutes * 60_000);

  it.each([
    [0.5, "just now"],
    [20, "20 minutes ago"],
    [60, "1 hour ago"],
    [23 * 60, "23 hours ago"],
    [26 * 60, "yesterday"],
    [6 * 24 * 60, "6 days ago"],
    [30 * 24 * 60, "on May 21, 2026"],
  ])("%d minutes ago is said as %s", (minutes, words) => {
    expect(ago(before(minutes), now)).toBe(words);
  });
});

describe("the first view", () => {
  it("is one of what can be chosen, with squares large enough for a finger", () => {
    expect(THEMES).toContain(FIRST_VIEW.theme);
    expect(SQUARE_SIZES).toContain(FIRST_VIEW.square);
    expect(PACES).toContain(FIRST_VIEW.pace);
    expect(Math.min(...SQUARE_SIZES)).toBeGreaterThanOrEqual(44);
    expect(Math.max(...SQUARE_SIZES)).toBe(96);
    expect([...SQUARE_SIZES].sort((a, b) => a - b)).toEqual([...SQUARE_SIZES]);
  });
});
