import { type RefObject, useEffect, useRef } from "react";
import type { Run } from "@/core/checks";
import type { HouseRules } from "@/core/house";
import { writeProblem } from "@/core/problem";
import { plain } from "@/core/wording";
import type { View } from "@/service/kept/view";
import { ROUTES } from "@/service/routes";
import { boardAddress } from "../../../service/boardAddress";
import { useAnother } from "../../lessonSequence";
import { type Saving, useKept } from "../../saving/useKept";
import { useView } from "../../useView";
import { stepWords } from "../loaded/parts";
import { usePlay } from "../running/usePlay";
import { useSpeech, useVoice } from "../running/useSpeech";
import { showAddress } from "../state/address";
import { BOARD_CLIENT } from "../state/boardClient";
import type { OpenBoard, Reading } from "../state/boardState";
import { type BoardActs, type BoardView, useBoard } from "../state/useBoard";
import { type BoardMenus, useBoardMenus } from "./useBoardMenus";

/** A Board as it comes to a window. */
export interface BoardStart {
  readonly start: {
    readonly typed: string;
    readonly house: HouseRules;
    readonly open: OpenBoard | undefined;
  };
  /** Whether the board to start with is on disk just as it is. */
  readonly kept: boolean;
  /** The revision of the board on disk; 0 where there is none. */
  readonly revision: number;
  readonly startView: View;
}

/** The step that the board is at, with its words. */
interface StepHere {
  readonly step: Run["steps"][number];
  readonly words: ReturnType<typeof stepWords>;
  /** Whether what is to be said is hidden, and whether it waits for an estimate. */
  readonly hidden: boolean;
  readonly waiting: boolean;
  /** What is read aloud of it. */
  readonly spoken: string;
}

/** All of a Board that its parts show and act on. */
export interface BoardDesk {
  readonly board: BoardView;
  readonly acts: BoardActs;
  readonly view: View;
  readonly changeView: (change: Partial<View>) => void;
  readonly saving: Saving;
  readonly menus: BoardMenus;
  readonly field: RefObject<HTMLInputElement | null>;
  readonly another: ReturnType<typeof useAnother>;
  /** The problem that is open, in one line; empty where none is. */
  readonly line: string;
  readonly run: Run | undefined;
  /** What is being typed, where it reads: the paper shows that, and nothing of the open board. */
  readonly draft: Reading | undefined;
  readonly drafting: boolean;
  readonly voice: boolean;
  readonly step: number;
  readonly last: number;
  readonly here: StepHere | undefined;
  readonly play: ReturnType<typeof usePlay>;
  readonly goTo: (step: number) => void;
  /** The address of another screen with the open board's problem. */
  readonly problemAt: (route: string) => string;
}

/** Runs a Board: the problem, its run and where it stands, what is said, and how it is saved. */
export function useBoardDesk({ start, kept, revision, startView }: BoardStart): BoardDesk {
  const { view: board, acts } = useBoard(start);
  const [view, changeView] = useView(startView);
  const { open, run, house } = board;
  const saving = useKept(BOARD_CLIENT, open, { isKept: kept, revision }, acts.adopt, showAddress);
  const menus = useBoardMenus();
  const field = useRef<HTMLInputElement>(null);
  const voice = useVoice();
  const last = run?.steps.length ?? 1;
  const step = Math.min(open?.step ?? 1, last);
  const play = usePlay(step, last, view.pace, acts.move);
  const line = run === undefined ? "" : writeProblem(run.working.problem, house);
  const another = useAnother(line, house);
  useEffect(() => {
    if (start.open === undefined) field.current?.focus();
  }, [start.open]);
  const draft = typeof board.draft === "object" ? board.draft : undefined;
  const drafting = draft?.ok === true;
  const here = stepHere(run?.steps[step - 1], view, open?.guess, house);
  useSpeech(here?.spoken ?? "", view.aloud && voice && !drafting);
  return {
    board,
    acts,
    view,
    changeView,
    saving,
    menus,
    field,
    another,
    line,
    run,
    draft,
    drafting,
    voice,
    step,
    last,
    here,
    play,
    goTo: (to) => {
      play.setPlaying(false);
      acts.goTo(to);
    },
    problemAt: (route) => (open ? boardAddress({ ...open, step: 1 }).replace(ROUTES.board, route) : route),
  };
}

/** What is said at a step: hidden where the tutor hides it, or where it would tell an estimate that is still waited for. */
function stepHere(
  step: Run["steps"][number] | undefined,
  view: View,
  guess: string | undefined,
  house: HouseRules,
): StepHere | undefined {
  if (step === undefined) return undefined;
  const words = stepWords(step.reason, house);
  const waiting = view.estimateWaits && guess === "";
  const tellsEstimate = step.reason.kind === "estimate" || step.reason.kind === "compareWithEstimate";
  const hidden = !view.sayLine || (waiting && tellsEstimate);
  return { step, words, hidden, waiting, spoken: plain(hidden ? words.ask : words.say) };
}
