"use client";

import { useRef, useState } from "react";
import type { TraitId } from "@/core/features";
import { choicesOf, type HouseRules } from "@/core/house";
import { MOST_KEPT_ROWS } from "@/core/sheets";
import type { StoryKindId, StoryOfRow } from "@/core/stories";
import { API_ROUTES } from "@/service/apiRoutes";
import type { RowResult } from "@/service/requests";
import { ask } from "../../saving/wire/ask";
import { VIEWS } from "../../saving/wire/views";
import type { OwnKept } from "../../stories/own/ownDraft";
import { type EditedRow, editedRow, inPlaceOf, movedRow } from "./editedRow";
import { ownLines } from "./ownLines";

/** How many acts can be undone. */
const MOST_UNDONE = 50;

const tooMany = (many: number): string =>
  `A sheet has at most ${MOST_KEPT_ROWS} problems; with these it would have ${many}.`;

export type SheetRows = ReturnType<typeof useSheetRows>;

/** The problems of a sheet in the hands of a tutor: each act changes the list at once, or when the server has drawn; all of them can be undone. */
export function useSheetRows(start: readonly EditedRow[], house: HouseRules, never: readonly TraitId[]) {
  const [rows, setRows] = useState(start);
  const [before, setBefore] = useState<readonly (readonly EditedRow[])[]>([]);
  const [message, setMessage] = useState("");
  const [drawing, setDrawing] = useState(false);

  // What was drawn comes later than it was asked for: it goes into the list as it stands by then.
  const now = useRef(start);

  const change = (act: (rows: readonly EditedRow[]) => readonly EditedRow[]): void => {
    const next = act(now.current);
    if (next === now.current) return;
    const last = now.current;
    setBefore((all) => [...all, last].slice(-MOST_UNDONE));
    now.current = next;
    setRows(next);
  };

  /** Asks the server for rows; nothing where it does not answer, which is said. */
  const asked = async (
    wanted: readonly {
      readonly row?: EditedRow;
      readonly problem: string;
      readonly by?: -1 | 0 | 1;
      readonly story?: StoryOfRow;
    }[],
  ): Promise<readonly RowResult[] | undefined> => {
    setDrawing(true);
    const back = await ask(VIEWS.drawnRows, API_ROUTES.sheetRows, "POST", {
      house: choicesOf(house),
      rows: wanted.map(({ row, problem, by, story = row?.shown?.story }) => ({
        problem,
        ...(story === undefined ? {} : { story }),
        ...(row?.shown?.skill === undefined ? {} : { skill: row.shown.skill, notch: row.shown.notch }),
        ...(by === undefined ? {} : { by }),
      })),
      never,
      without: now.current.map(({ problem }) => problem),
      seed: Math.floor(Math.random() * 1_000_000_000),
    });
    setDrawing(false);
    setMessage(back.ok ? "" : back.error.message);
    return back.ok ? back.value.rows : undefined;
  };

  /** Puts what was drawn in the place of some rows; what could not be drawn says why at its row. */
  const drawFor = async (some: readonly EditedRow[], by: -1 | 0 | 1): Promise<void> => {
    const drawn = await asked(some.map((row) => ({ row, problem: row.problem, by })));
    if (drawn === undefined) return;
    const results = new Map(some.map(({ key }, nth) => [key, drawn[nth]] as const));
    change((all) =>
      all.map((row) => {
        const result = results.get(row.key);
        if (result === undefined) return row;
        return "error" in result ? { ...row, message: result.error.message } : inPlaceOf(row, result);
      }),
    );
  };

  return {
    rows,
    message,
    drawing,
    canUndo: before.length > 0,
    undo: (): void => {
      const last = before.at(-1);
      if (last === undefined) return;
      setBefore((all) => all.slice(0, -1));
      now.current = last;
      setRows(last);
    },
    redraw: (row: EditedRow, by: -1 | 0 | 1): Promise<void> => drawFor([row], by),
    redrawUnlocked: (): Promise<void> =>
      drawFor(
        rows.filter(({ locked, shown }) => !locked && shown !== undefined),
        0,
      ),
    lock: (row: EditedRow): void =>
      change((all) => all.map((one) => (one.key === row.key ? { ...one, locked: !one.locked } : one))),
    move: (from: number, to: number): void => change((all) => movedRow(all, from, to)),
    remove: (row: EditedRow): void => change((all) => all.filter(({ key }) => key !== row.key)),
    typeOver: async (row: EditedRow, typed: string): Promise<void> => {
      if (typed.trim() === "" || typed.trim() === row.problem) return;
      const [result] = (await asked([{ problem: typed }])) ?? [];
      if (result !== undefined)
        change((all) => all.map((one) => (one.key === row.key ? inPlaceOf(one, result) : one)));
    },
    /** Adds stories of some kinds in turn, so many of them, each drawn anew. */
    addStories: async (kinds: readonly StoryKindId[], count: number): Promise<void> => {
      if (now.current.length + count > MOST_KEPT_ROWS) return setMessage(tooMany(now.current.length + count));
      const wanted = Array.from({ length: count }, (_, nth) => kinds[nth % kinds.length]);
      const drawn = await asked(
        wanted.map((kind) => ({ problem: "", by: 0, story: { kind, text: "", answer: "" } })),
      );
      // What a kind has no more of is left out.
      const read = drawn?.filter((result) => !("error" in result));
      if (read !== undefined) change((all) => [...all, ...read.map((result) => editedRow(result))]);
    },
    /** Adds stories of the tutor's own, worked in the house of the sheet; one that can't be says why. */
    addOwnStories: async (stories: readonly OwnKept[]): Promise<void> => {
      const many = now.current.length + stories.length;
      if (many > MOST_KEPT_ROWS) return setMessage(tooMany(many));
      const lines = await ownLines(stories, house);
      const [first] = lines.flatMap((one) => ("message" in one ? [one.message] : []));
      const read = await asked(lines.flatMap((one) => ("message" in one ? [] : [one])));
      if (read !== undefined) change((all) => [...all, ...read.map((result) => editedRow(result))]);
      if (first !== undefined) setMessage(first);
    },
    /** Adds a pasted list, a problem a line; those that do not read are marked and kept. */
    add: async (pasted: string): Promise<void> => {
      const lines = pasted
        .split("\n")
        .map((one) => one.trim())
        .filter((one) => one !== "");
      const many = now.current.length + lines.length;
      if (many > MOST_KEPT_ROWS) return setMessage(tooMany(many));
      const read = lines.length === 0 ? undefined : await asked(lines.map((problem) => ({ problem })));
      if (read !== undefined) change((all) => [...all, ...read.map((result) => editedRow(result))]);
    },
  };
}
