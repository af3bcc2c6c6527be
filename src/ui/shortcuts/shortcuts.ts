import { ROUTES } from "@/service/routes";
import { HOW_PLACE_KEYS, ON_RAIL } from "../places";
import { BOARD_KEYS } from "./boardKeys";
import type { Shortcut } from "./shortcut";
import { TASK_KEYS } from "./taskKeys";

/** The keys of a place. */
export interface PlaceShortcuts {
  /** As it ends "Keys of …". */
  readonly place: string;
  /** Where they are listened to: this address, and those below it where `below` says so. */
  readonly address: string;
  readonly below?: true;
  readonly rows: readonly Shortcut[];
}

/** Every key of the product, by the place that listens to it. The help on each page, the README and the tests read this. */
export const SHORTCUTS: readonly PlaceShortcuts[] = [
  { place: "Today", address: ROUTES.today, rows: [{ shown: "/", keys: ["/"], does: "Type a problem" }] },
  { place: "the board", address: ROUTES.board, rows: BOARD_KEYS },
  { place: "your turn", address: ROUTES.yourTurn, rows: TASK_KEYS },
  {
    place: "the wrong way",
    address: ROUTES.wrongWay,
    rows: [
      { shown: "→", keys: ["ArrowRight"], does: "Next step" },
      { shown: "←", keys: ["ArrowLeft"], does: "Step back" },
      { shown: "Home", keys: ["Home"], does: "First step" },
      { shown: "End", keys: ["End"], does: "Last step" },
      { shown: "Space", keys: [" "], does: "Play, pause" },
    ],
  },
  {
    place: "a sheet",
    address: ROUTES.sheets,
    below: true,
    rows: [
      { shown: "↑ ↓", does: "From problem to problem" },
      { shown: "Alt ↑, Alt ↓", does: "Move the problem up or down" },
      { shown: "L", does: "Lock it, or let it be drawn anew" },
      { shown: "R", does: "Draw another one for it" },
      { shown: "−, +", does: "Draw an easier one, a harder one" },
      { shown: "Delete", does: "Take it off" },
    ],
  },
  {
    place: "marking",
    address: ROUTES.marking,
    rows: [
      { shown: "Enter, ↓", does: "Keep the answer and go to the next one" },
      { shown: "↑", does: "Go to the one above" },
      { shown: "Alt ↓", does: "Choose the next explanation" },
    ],
  },
  {
    place: "the shop",
    address: ROUTES.shop(),
    rows: [
      { shown: "← →", does: "Move the pointer by the finest step" },
      { shown: "Page Up, Page Down", does: "From one number to the next" },
      { shown: "Home, End", does: "To the lowest and the highest" },
    ],
  },
];

/** What works everywhere. */
export const EVERYWHERE: readonly Shortcut[] = [
  ...ON_RAIL.map(({ key, name }) => ({ shown: `Alt ${key}`, does: name })),
  { shown: "?", keys: ["?"], does: "Show the keys" },
];

export { HOW_PLACE_KEYS };

/** The keys of the place at an address; none where it has none of its own. */
export const shortcutsAt = (path: string): PlaceShortcuts | undefined =>
  SHORTCUTS.find(
    ({ address, below }) => path === address || (below === true && path.startsWith(`${address}/`)),
  );
