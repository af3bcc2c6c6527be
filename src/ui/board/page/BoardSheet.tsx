"use client";

import {
  type PointerEvent,
  type ReactElement,
  type ReactNode,
  useEffect,
  useLayoutEffect,
  useMemo,
  useRef,
  useState,
} from "react";
import { type PaperLayout, sameSheet, type Writing } from "@/core/board";
import type { Run } from "@/core/checks";
import type { HouseRules } from "@/core/house";
import { writeProblem } from "@/core/problem";
import { answerInWords } from "@/core/wording";
import type { View } from "@/service/kept/view";
import { SquaredPaper } from "../../paper";
import { FoldAway } from "../../parts/FoldAway";
import { SaveStatus } from "../../parts/SaveStatus";
import type { SaveState } from "../../saving/useKept";
import type { Reading } from "../state/boardState";
import { namesAnswer } from "../state/namesAnswer";
import { ProblemLine } from "./ProblemLine";
import { fittedPage, type Room } from "./room";

/** What a page measures at least, in pixels, so that it fills its room on a small screen. */
const LEAST = { across: 650, down: 500 };
/** One of two pages has half the room across. */
const LEAST_OF_TWO = { across: 300, down: 400 };
const FREE_OF_TWO = { across: 1, above: 2, below: 1 };

/** Paper on which nothing is to be written yet. */
const BLANK: PaperLayout = { columns: [{ place: 0, col: -1 }], plumbs: [{ line: 0, from: "top" }] };
const NOTHING: readonly Writing[] = [];

/** How far a finger must go across the paper to turn a step, in pixels. */
const SWIPE = 48;

/** The squared paper with its problem written over it. While a problem is being typed, its setting out is shown. */
export function BoardSheet({
  run,
  draft,
  step,
  house,
  view,
  title,
  tools,
  saving,
  onChoose,
  onNext,
  onPrevious,
}: {
  readonly run: Run | undefined;
  readonly draft: Reading | undefined;
  readonly step: number;
  readonly house: HouseRules;
  readonly view: View;
  /** What stands over the paper instead of the problem: the method, where two boards are shown. */
  readonly title: string | undefined;
  /** Buttons at the head of the paper. */
  readonly tools: ReactNode;
  /** Whether the open board is on disk; none where none is open. */
  readonly saving: SaveState | undefined;
  /** Which of two boards is to stand, where another window made something else of it. */
  readonly onChoose: (mine: boolean) => void;
  readonly onNext: () => void;
  readonly onPrevious: () => void;
}): ReactElement {
  const scroller = useRef<HTMLElement>(null);
  const swipeFrom = useRef<{ readonly x: number; readonly y: number } | undefined>(undefined);
  const drafted = draft?.ok ? draft.run : undefined;
  const shownRun = drafted ?? run;
  const made = shownRun?.steps ?? NOTHING;
  const layout = shownRun?.working.layout ?? BLANK;
  const [room, setRoom] = useState<Room>();
  const head = useRef<HTMLDivElement>(null);
  const [heading, setHeading] = useState(0);
  const shown = drafted ? draftedSteps(drafted) : step;
  const first = made.findIndex(({ page }) => page?.index === made[shown - 1]?.page?.index) + 1;
  const { writings: steps, page } = useMemo(
    () =>
      fittedPage(layout, made, first, {
        square: view.square,
        room,
        heading,
        ...(title === undefined ? { least: LEAST } : { least: LEAST_OF_TWO, free: FREE_OF_TWO }),
      }),
    [layout, made, first, view.square, room, heading, title],
  );
  const here = drafted ? undefined : steps[step - 1];
  const eyeCol = here?.focus[0] ?? (layout.plumbs[0]?.line ?? 0) - 0.5;
  // A step without marks, such as a check, leaves the eye on what was written last.
  const written = (drafted ? [] : sameSheet(steps.slice(0, step), steps[step - 1]))
    .filter(({ marks }) => marks.length > 0)
    .at(-1)?.marks;
  const eyeRow = Math.max(0, ...(written ?? []).map(({ row }) => row));

  // Where the paper is larger than its room, what is new (or else the plumb line) is kept in sight.
  useEffect(() => {
    const room = scroller.current;
    if (room === null) return;
    const fits = room.scrollWidth <= room.clientWidth;
    // A finger across paper that fits turns a step; across wider paper it moves the paper.
    room.style.touchAction = fits ? "pan-y" : "auto";
    const across = (eyeCol + 0.5 - page.left) / (page.right - page.left);
    const down = (eyeRow + 1 - page.top) / (page.bottom - page.top);
    const instantly = matchMedia("(prefers-reduced-motion: reduce)").matches;
    room.scrollTo({
      left: across * room.scrollWidth - room.clientWidth / 2,
      top: down * room.scrollHeight - room.clientHeight * 0.7,
      behavior: instantly ? "instant" : "smooth",
    });
  }, [eyeCol, eyeRow, page]);

  // How large the room is, for the paper to shrink into. (A size container would tell it too, but doubles the time of every step's layout.)
  useEffect(() => {
    const room = scroller.current;
    if (room === null) return;
    const watch = new ResizeObserver(() => {
      room.style.setProperty("--room-width", `${room.clientWidth}px`);
      room.style.setProperty("--room-height", `${room.clientHeight}px`);
      setRoom({ across: room.clientWidth, down: room.clientHeight });
    });
    watch.observe(room);
    return () => watch.disconnect();
  }, []);

  // A heading that is wider than the squares draws them out; another problem is measured anew.
  const headed = shownRun?.working.problem;
  useLayoutEffect(() => {
    const [over, under] = [head.current, head.current?.nextElementSibling];
    if (over && under && headed && over.clientWidth > under.clientWidth + 1) setHeading(over.clientWidth);
    return () => setHeading(0);
  }, [headed]);

  const endSwipe = (event: PointerEvent): void => {
    const from = swipeFrom.current;
    swipeFrom.current = undefined;
    if (from === undefined || event.pointerType === "mouse") return;
    const across = event.clientX - from.x;
    if (Math.abs(across) < SWIPE || Math.abs(across) < 2 * Math.abs(event.clientY - from.y)) return;
    if (across < 0) onNext();
    else onPrevious();
  };

  return (
    <section
      ref={scroller}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: a paper larger than its room is scrolled by keys
      tabIndex={0}
      aria-label="Squared paper"
      className="grid min-h-0 min-w-0 overflow-auto p-4 data-[two=true]:p-2 max-[700px]:p-1.5"
      data-two={title !== undefined}
      onPointerDown={(event) => {
        swipeFrom.current = { x: event.clientX, y: event.clientY };
      }}
      onPointerUp={endSwipe}
      onPointerCancel={() => {
        swipeFrom.current = undefined;
      }}
    >
      <figure className="m-auto flex w-max max-w-none flex-col rounded border border-edge bg-page px-5 pt-3 pb-5 shadow-sheet max-[700px]:px-3 max-[700px]:pt-1.5 max-[700px]:pb-3">
        <div
          ref={head}
          className="sticky left-5 flex w-full max-w-[calc(var(--room-width,100vw)-76px)] flex-wrap items-center justify-between gap-x-4 pb-2"
        >
          <figcaption className="min-h-8 min-w-0 font-board text-lead wrap-anywhere text-soft">
            {title ?? (shownRun && <ProblemLine run={shownRun} shown={shown} house={house} />)}
          </figcaption>
          <div className="flex shrink-0 items-center gap-3 empty:hidden max-[700px]:shrink max-[700px]:flex-wrap max-[700px]:justify-end max-[700px]:gap-1">
            {tools && <FoldAway label="Tools">{tools}</FoldAway>}
            <SaveStatus saving={saving} onChoose={onChoose} />
          </div>
        </div>
        <SquaredPaper
          layout={layout}
          writings={steps}
          shown={shown}
          page={page}
          square={view.square}
          house={house}
          placeNames={view.placeNames && shownRun !== undefined}
          label={shownRun ? boardLabel(shownRun, shown, house) : "Empty squared paper"}
          still={drafted !== undefined}
        />
      </figure>
    </section>
  );
}

/** How many steps of a problem that is still being typed are shown: it set out, before any work. */
function draftedSteps({ steps }: Run): number {
  const work = steps.findIndex(({ stage }) => stage !== "estimate" && stage !== "setOut");
  return work < 0 ? steps.length : work;
}

/** What the paper shows, for those who can't see it. */
function boardLabel(run: Run, shown: number, house: HouseRules): string {
  const { problem, answer } = run.working;
  const named = run.steps.slice(0, shown).some(namesAnswer);
  const line = `Squared paper: ${writeProblem(problem, house)}, ${shown} of ${run.steps.length} steps done.`;
  return named ? `${line} The answer is ${answerInWords(answer, house)}.` : line;
}
