"use client";

import { useState } from "react";
import { choicesOf, type HouseRules } from "@/core/house";
import { API_ROUTES } from "@/service/apiRoutes";
import type { RowResult } from "@/service/requests";
import { boardAddress } from "../../service/boardAddress";
import { useNavigateAfterSaving } from "../parts/PlaceLink";
import { ask } from "../saving/wire/ask";
import type { Sent } from "../saving/wire/send";
import { VIEWS } from "../saving/wire/views";
import { keepSequence, newSequence, type RowKind } from "./lessonSequence";

/** What can be drawn for a problem on the Board. */
export type Another = "twin" | "easier" | "harder" | Exclude<RowKind, "sheet">;

/** The top of a rung, where the trap stands. */
const TRAP = 4;

const seed = (): number => Math.floor(Math.random() * 1_000_000_000);

/** Draws another problem for the one on the Board and goes there, or a row of them; says why where there is none. */
export function useAnother(problem: string, house: HouseRules) {
  const go = useNavigateAfterSaving();
  const [message, setMessage] = useState("");
  const choices = choicesOf(house);
  const open = (line: string): void => go(boardAddress({ problem: line, house, step: 1 }));

  const twins = (count: number): Promise<Sent<{ readonly twins: readonly string[] }>> =>
    ask(VIEWS.twins, API_ROUTES.twins, "POST", { problem, house: choices, seed: seed(), count });
  /** The next problem up or down the ladder from one, that is none of some. */
  const notch = async (
    from: {
      readonly problem: string;
      readonly skill?: string | undefined;
      readonly notch?: number | undefined;
    },
    by: -1 | 1,
    without: readonly string[],
  ): Promise<RowResult | undefined> => {
    const asked = { problem: from.problem, skill: from.skill, notch: from.notch, by };
    const back = await ask(VIEWS.drawnRows, API_ROUTES.sheetRows, "POST", {
      house: choices,
      rows: [asked],
      without,
      seed: seed(),
    });
    if (!back.ok) setMessage(back.error.message);
    return back.ok ? back.value.rows[0] : undefined;
  };

  const draw = async (what: Another): Promise<void> => {
    setMessage("");
    switch (what) {
      case "twin":
      case "three": {
        const back = await twins(what === "twin" ? 1 : 2);
        const found = back.ok ? back.value.twins : [];
        if (!back.ok) return setMessage(back.error.message);
        const [first] = found;
        if (what === "twin" && first !== undefined) return open(first);
        if (found.length < 2) return setMessage(TOO_FEW);
        keepSequence(newSequence("three", [problem, ...found]));
        return open(problem);
      }
      case "easier":
      case "harder": {
        const found = await notch({ problem }, what === "easier" ? -1 : 1, [problem]);
        if (found === undefined) return;
        return "error" in found ? setMessage(found.error.message) : open(found.problem);
      }
      case "show": {
        const problems = [problem];
        let from: Parameters<typeof notch>[0] = { problem };
        while (problems.length < TRAP + 1) {
          const found = await notch(from, 1, problems);
          if (found === undefined) return;
          if ("error" in found) {
            if (problems.length < 2) return setMessage(found.error.message);
            break;
          }
          problems.push(found.problem);
          if (found.notch === TRAP) break;
          from = found;
        }
        keepSequence(newSequence("show", problems));
        return open(problem);
      }
    }
  };
  return { draw, message };
}

const TOO_FEW = "There are not two other problems like this one. Try it with larger numbers.";
