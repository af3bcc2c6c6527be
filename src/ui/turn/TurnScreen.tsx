"use client";

import { type ReactElement, useEffect, useMemo, useRef, useState } from "react";
import { type Mark, moved } from "@/core/board";
import { choicesOf, type HouseRules } from "@/core/house";
import type { MethodId } from "@/core/methods";
import { decimalSign } from "@/core/number";
import type { Paper } from "@/core/paper";
import { GIVEN_PARTS, type GivenPart, lookedAt, type Turn } from "@/core/turn";
import { squareWords } from "@/core/wording";
import { FoldAway } from "../FoldAway";
import { Go } from "../Go";
import { Choice } from "./Choice";
import { GIVEN_NAMES } from "./givenNames";
import { NumberPad } from "./NumberPad";
import { PaperPad } from "./PaperPad";
import { answerRead, firstSquare, sizeFor, textIn } from "./paperRoom";
import type { Square } from "./strokes";
import { Told } from "./Told";
import { TurnKeys } from "./TurnKeys";
import { FEEDBACK, TurnMargin } from "./TurnMargin";
import { useHandIn } from "./useHandIn";
import { usePaper } from "./usePaper";
import { useTurnKeys } from "./useTurnKeys";
import { useTurnSetting } from "./useTurnSetting";

const SQUARE = 46;

/** Your turn: the problem in one line, squared paper, and the learner's own hand. */
export function TurnScreen({
  turn,
  house,
  fixed,
  part,
  given,
  learners,
  learner: startLearner,
  addresses,
}: {
  readonly turn: Turn;
  readonly house: HouseRules;
  readonly fixed: MethodId | undefined;
  readonly part: GivenPart;
  /** What stands on the paper already. */
  readonly given: readonly Mark[];
  readonly learners: readonly { readonly id: string; readonly name: string }[];
  readonly learner: string;
  readonly addresses: {
    readonly board: string;
    readonly parts: Readonly<Record<GivenPart, string>>;
    readonly methods: readonly { readonly id: string; readonly name: string; readonly address: string }[];
  };
}): ReactElement {
  const { ways, line } = turn;
  const size = useMemo(() => sizeFor(ways, given), [ways, given]);
  const start = useMemo((): Paper => ({ marks: given }), [given]);
  const draft = `right-sum-turn ${line} ${fixed ?? ""} ${part}`;
  const pen = usePaper(start, firstSquare(given), size, draft, given);
  const { paper, at, goes, hand, stroke } = pen;
  const { feedback, estimate, setFeedback, setEstimate } = useTurnSetting(draft);
  const { result, sending, handIn, clear } = useHandIn(draft);
  const [checked, setChecked] = useState<Paper | undefined>();
  const [hint, setHint] = useState<{ readonly size: 1 | 2 | 3; readonly paper: Paper } | undefined>();
  const [hints, setHints] = useState(0);
  const [learner, setLearner] = useState(startLearner);
  const begun = useRef<number | undefined>(undefined);
  const [keysOpen, setKeysOpen] = useState(false);
  const answerField = useRef<HTMLInputElement>(null);

  const waits = house.estimateFirst === "required" && turn.estimate && estimate.trim() === "";
  const handed = result?.ok === true;
  // What is written on after checking or handing in is being written again.
  const settled = checked === paper;
  const looked = useMemo(() => lookedAt(paper, turn, house, settled), [paper, turn, house, settled]);
  const { judged, fault } = looked;
  const shows =
    feedback === "eachMark" || (feedback === "eachStage" && settled) || (feedback === "atEnd" && handed);
  const hinted = hint?.paper === paper ? hint.size : undefined;
  // A known working is looked for only to say what could come next.
  const found = hinted === undefined ? undefined : looked.found();
  const way = found && ways[found.way];
  const stepHere = found?.next && way?.steps[found.next.step];

  const takeHint = (): void => {
    if (
      feedback === undefined ||
      feedback === "none" ||
      waits ||
      (fault === undefined && judged.state === "answered")
    )
      return;
    // About a wrong mark there is no more to say than where, and a question.
    if (hinted === (fault === undefined ? 3 : 2)) return;
    setHint({ size: hinted === undefined ? 1 : hinted === 1 ? 2 : 3, paper });
    setHints((taken) => taken + 1);
  };
  const putLattice = (): void => {
    const grid = ways
      .flatMap(({ steps }) => steps)
      .find(({ marks }) => marks.some((mark) => mark.kind === "diagonal"))?.marks;
    const frame = grid?.find((mark) => mark.kind === "frame");
    if (grid === undefined || frame?.kind !== "frame") return;
    stroke({ kind: "put", marks: grid.map((mark) => moved(mark, at.col - frame.col, at.row - frame.row)) });
  };
  const handInAs = (answer: string): Promise<void> => {
    const seconds = begun.current === undefined ? 0 : Math.round((Date.now() - begun.current) / 1000);
    const { marks } = paper;
    setChecked(paper);
    return handIn({
      problem: line,
      house: choicesOf(house),
      answer,
      marks,
      hints,
      estimate,
      seconds,
      learner,
    });
  };

  const letters = useMemo(
    () =>
      [
        ...new Set(
          ways.flatMap(({ steps }) =>
            steps.flatMap((step) =>
              step.marks.flatMap((mark) =>
                mark.kind === "glyph" && /^\p{L}{1,4}$/u.test(mark.text) ? [mark.text] : [],
              ),
            ),
          ),
        ),
      ].slice(0, 5),
    [ways],
  );
  const doing = {
    takeHint,
    putLattice,
    waits,
    check: () => {
      setChecked(paper);
      answerField.current?.focus();
    },
    help: () => setKeysOpen(true),
    stroke,
    letters,
    money: turn.asked.money?.sign,
  };
  const listening = useTurnKeys(doing);
  useEffect(() => {
    if (paper !== start) begun.current ??= Date.now();
  }, [paper, start]);

  const lattice = ways.some(({ steps }) =>
    steps.some(({ marks }) => marks.some(({ kind }) => kind === "diagonal")),
  );
  const room = useRef<HTMLDivElement>(null);
  const [square, setSquare] = useState(SQUARE);
  useEffect(() => {
    const element = room.current;
    if (element === null) return;
    const watch = new ResizeObserver(() => {
      const fits = Math.min(
        (element.clientWidth - 16) / size.cols,
        (element.clientHeight - 16) / size.rows,
        64,
      );
      setSquare(Math.max(36, Math.floor(fits)));
    });
    watch.observe(element);
    return () => watch.disconnect();
  }, [size]);

  const nextAt = found?.next?.at;
  const ghost: { readonly at: Square; readonly text: string } | undefined =
    hinted === 3 && fault === undefined && found?.fits && nextAt && found.next && "text" in found.next.mark
      ? { at: nextAt, text: found.next.mark.text }
      : undefined;
  return (
    <div className="grid h-full grid-cols-[minmax(0,1fr)] grid-rows-[auto_minmax(0,1fr)]">
      <header className="flex flex-wrap items-center gap-x-5 gap-y-2 px-6 pt-4 pb-2 max-[700px]:gap-x-2 max-[700px]:px-3 max-[700px]:pt-1 max-[700px]:pb-0">
        <h1 className="text-[22px] font-semibold">Your turn</h1>
        <p className="font-board text-[26px]">{line}</p>
        <TurnKeys open={keysOpen} onOpen={setKeysOpen} />
        <div className="ml-auto max-[700px]:contents">
          <FoldAway label="How it is set">
            <nav aria-label="How it is set" className="flex flex-wrap items-center gap-x-2.5 gap-y-1">
              <Choice
                label="Given"
                value={part}
                options={GIVEN_PARTS.map((id) => ({
                  id,
                  name: GIVEN_NAMES[id],
                  address: addresses.parts[id],
                }))}
              />
              <Choice label="Method" value={fixed ?? ""} options={addresses.methods} />
              <label className="flex flex-col text-xs text-soft">
                Feedback
                <select
                  value={feedback ?? "eachMark"}
                  onChange={(event) =>
                    setFeedback(FEEDBACK.find(({ id }) => id === event.target.value)?.id ?? "eachMark")
                  }
                  className="h-11 max-w-44 rounded-lg border border-edge bg-page px-2 text-[15px] text-ink"
                >
                  {FEEDBACK.map(({ id, name }) => (
                    <option key={id} value={id}>
                      {name}
                    </option>
                  ))}
                </select>
              </label>
              <Go href={addresses.board} className="grid h-11 items-center font-semibold text-plumb">
                To the board
              </Go>
            </nav>
          </FoldAway>
        </div>
      </header>
      <main
        aria-busy={!listening}
        className="grid min-h-0 grid-cols-[minmax(0,1fr)_340px] max-[1000px]:grid-cols-1 max-[1000px]:grid-rows-[minmax(0,1fr)_auto] max-[700px]:grid-rows-[minmax(0,1fr)_auto_auto]"
      >
        <div ref={room} className="grid min-h-0 min-w-0 overflow-auto p-2">
          <div className="m-auto rounded border border-edge bg-page shadow-sheet">
            <PaperPad
              marks={paper.marks}
              size={size}
              at={at}
              goes={goes}
              hand={hand}
              wrong={shows ? fault?.at : undefined}
              hint={ghost}
              house={house}
              square={square}
              disabled={waits}
              onGo={(to) => stroke({ kind: "go", to })}
              onJump={(from, to) => stroke({ kind: "jump", from, to })}
            />
          </div>
        </div>
        {shows && (
          <p aria-hidden="true" className="hidden px-3 text-[15px] leading-tight max-[700px]:block">
            <Told looked={looked} house={house} />
          </p>
        )}
        <aside
          // biome-ignore lint/a11y/noNoninteractiveTabindex: a margin longer than its room is scrolled by keys
          tabIndex={0}
          aria-label="Margin"
          className="flex min-h-0 flex-col gap-4 overflow-y-auto py-2 pr-6 pl-1 max-[1000px]:grid max-[1000px]:max-h-[46vh] max-[1000px]:grid-cols-2 max-[1000px]:px-6 max-[700px]:max-h-[34vh] max-[700px]:grid-cols-1 max-[700px]:gap-2 max-[700px]:px-3 max-[700px]:py-1"
        >
          <NumberPad
            hand={hand}
            goes={goes}
            letters={[...letters, ...turn.pieces]}
            lattice={lattice}
            decimalSign={decimalSign(house)}
            onStroke={(one) => !waits && stroke(one)}
            onLattice={putLattice}
          />
          <TurnMargin
            looked={looked}
            drawn={ghost !== undefined}
            way={way}
            house={house}
            shows={shows}
            feedback={feedback}
            hinted={hinted}
            stage={stepHere?.stage}
            ask={stepHere?.ask}
            asksEstimate={turn.estimate && house.estimateFirst !== "off"}
            waits={waits}
            estimate={estimate}
            onEstimate={setEstimate}
            onHint={takeHint}
            read={answerRead(judged, turn.asked, decimalSign(house))}
            answerField={answerField}
            learners={learners}
            learner={learner}
            onLearner={setLearner}
            result={result}
            sending={sending}
            onHandIn={handInAs}
            onTryAgain={clear}
            onAgain={() => {
              clear();
              setHints(0);
              setEstimate("");
              begun.current = undefined;
              stroke({ kind: "begin", marks: given });
            }}
          />
        </aside>
      </main>
      <p aria-live="polite" className="sr-only">
        {squareWords(at.col, at.row, textIn(paper, at))}
      </p>
    </div>
  );
}
