"use client";

import { type ReactElement, type RefObject, useEffect, useRef, useState } from "react";
import { type HouseRules, nearestPreset } from "@/core/house";
import { writeProblem } from "@/core/problem";
import { PRESET_WORDS, plain, stageName } from "@/core/wording";
import { PACES, type View } from "@/service/kept/view";
import { ROUTES } from "@/service/routes";
import { boardAddress } from "../../service/boardAddress";
import { SequenceBar, useAnother } from "../lessonSequence";
import { Aside } from "../parts/Aside";
import { FoldAway } from "../parts/FoldAway";
import { useNavigateAfterSaving } from "../parts/PlaceLink";
import { useListening } from "../parts/useListening";
import { useKept } from "../saving/useKept";
import { type BoardAct, boardActOf, showKeys, useShortcuts } from "../shortcuts";
import { useView } from "../useView";
import { ChoiceButton } from "./controls/ChoiceButton";
import { ProblemField } from "./controls/ProblemField";
import { RunBar } from "./controls/RunBar";
import { nextSquare, ViewControls } from "./controls/ViewControls";
import { withParts } from "./loaded/loadParts";
import { methodWords, type PartId, stepWords } from "./loaded/parts";
import { Margin } from "./margin/Margin";
import { BoardSheet } from "./page/BoardSheet";
import { type PageTool, PageTools } from "./page/PageTools";
import { BoardPanels, type Menu } from "./panels/BoardPanels";
import { stepBeside } from "./running/stepBeside";
import { usePlay } from "./running/usePlay";
import { useSpeech, useVoice } from "./running/useSpeech";
import { showAddress } from "./state/address";
import { BOARD_CLIENT } from "./state/boardClient";
import type { OpenBoard } from "./state/boardState";
import { formWords, takesForms } from "./state/forms";
import { useBoard } from "./state/useBoard";

interface Start {
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

/** The Board: a problem typed, set out on squared paper and stepped through, with what to say beside it. `parts` are those its first problem needs. */
export const BoardScreen = ({
  parts,
  ...start
}: Start & { readonly parts: readonly PartId[] }): ReactElement => withParts(parts, <BoardDesk {...start} />);

function BoardDesk({ start, kept, revision, startView }: Start): ReactElement {
  const go = useNavigateAfterSaving();
  const { view: board, acts } = useBoard(start);
  const [view, changeView] = useView(startView);
  const { open, run, besideRun, house } = board;
  const { saving, choose } = useKept(BOARD_CLIENT, open, { isKept: kept, revision }, acts.adopt, showAddress);
  const [menu, setMenu] = useState<Menu | undefined>();
  const problemField = useRef<HTMLInputElement>(null);
  const methodButton = useRef<HTMLButtonElement>(null);
  const houseButton = useRef<HTMLButtonElement>(null);
  const toolButtons: Readonly<Record<PageTool, RefObject<HTMLButtonElement | null>>> = {
    form: useRef(null),
    another: useRef(null),
    beside: useRef(null),
    calculator: useRef(null),
    copy: useRef(null),
  };
  const voice = useVoice();

  const last = run?.steps.length ?? 1;
  const step = Math.min(open?.step ?? 1, last);
  const here = run?.steps[step - 1];
  const play = usePlay(step, last, view.pace, acts.move);
  const goTo = (to: number): void => {
    play.setPlaying(false);
    acts.goTo(to);
  };
  const nextPace = (): void =>
    changeView({ pace: PACES[(PACES.indexOf(view.pace) + 1) % PACES.length] ?? view.pace });
  const toggleMenu = (name: Menu): void => setMenu(menu === name ? undefined : name);
  const closeMenu = (): void => {
    setMenu(undefined);
    if (menu === undefined) return;
    const opener = menu === "method" ? methodButton : menu === "house" ? houseButton : toolButtons[menu];
    opener.current?.focus();
  };
  const line = run === undefined ? "" : writeProblem(run.working.problem, house);
  const another = useAnother(line, house);
  const preset = nearestPreset(house);
  /** The address of another screen with the open board's problem. */
  const problemAt = (route: string): string =>
    open ? boardAddress({ ...open, step: 1 }).replace(ROUTES.board, route) : route;

  const acting: Readonly<Record<BoardAct, () => void>> = {
    next: () => goTo(step + 1),
    previous: () => goTo(step - 1),
    first: () => goTo(1),
    last: () => goTo(last),
    play: () => run && play.setPlaying(!play.playing),
    pace: nextPace,
    problem: () => problemField.current?.select(),
    method: () => run && setMenu("method"),
    house: () => setMenu("house"),
    beside: () => run && toggleMenu("beside"),
    form: () => run && takesForms(run.working.problem) && toggleMenu("form"),
    wrongWay: () => open && go(problemAt(ROUTES.wrongWay)),
    yourTurn: () => open && go(problemAt(ROUTES.yourTurn)),
    twin: () => open && void another.draw("twin"),
    easier: () => open && void another.draw("easier"),
    harder: () => open && void another.draw("harder"),
    three: () => open && void another.draw("three"),
    show: () => open && void another.draw("show"),
    calculator: () => run && toggleMenu("calculator"),
    copy: () => run && toggleMenu("copy"),
    aloud: () => voice && changeView({ aloud: !view.aloud }),
    estimate: () => changeView({ estimateWaits: !view.estimateWaits }),
    say: () => changeView({ sayLine: !view.sayLine }),
    names: () => changeView({ placeNames: !view.placeNames }),
    larger: () => changeView({ square: nextSquare(view.square, 1) }),
    smaller: () => changeView({ square: nextSquare(view.square, -1) }),
  };
  useShortcuts((event) => {
    const act = boardActOf(event);
    if (act !== undefined) acting[act]();
    return act !== undefined;
  });

  // Until the page listens, it is only the server's picture of it.
  const listening = useListening();
  useEffect(() => {
    if (start.open === undefined) problemField.current?.focus();
  }, [start.open]);

  // While another problem is being typed, the paper shows that one, and nothing of the open board.
  const draft = typeof board.draft === "object" ? board.draft : undefined;
  const drafting = draft?.ok === true;
  const waiting = view.estimateWaits && open?.guess === "";
  const words = here && stepWords(here.reason, house);
  const tellsEstimate = here?.reason.kind === "estimate" || here?.reason.kind === "compareWithEstimate";
  const hidden = !view.sayLine || (waiting && tellsEstimate);
  const spoken = words ? plain(hidden ? words.ask : words.say) : "";
  useSpeech(spoken, view.aloud && voice && !drafting);
  const problem = run?.working.problem;
  const two = besideRun !== undefined && !drafting;
  const tools = run && problem && open && !drafting && (
    <PageTools
      form={formWords(problem.form, house)}
      takesForm={takesForms(problem)}
      besideOn={two}
      open={menu === "method" || menu === "house" ? undefined : menu}
      voice={voice}
      aloud={view.aloud}
      buttons={toolButtons}
      ways={{ yourTurn: problemAt(ROUTES.yourTurn), wrongWay: problemAt(ROUTES.wrongWay) }}
      onTool={toggleMenu}
      onAloud={acting.aloud}
    />
  );

  return (
    <div className="grid h-full grid-cols-[minmax(0,1fr)] print:block print:h-auto grid-rows-[auto_minmax(0,1fr)_auto]">
      <header className="print:hidden flex flex-wrap items-center gap-3 px-6 pt-3.5 pb-2 max-[700px]:gap-2 max-[700px]:px-3 max-[700px]:pt-2 max-[700px]:pb-1">
        <h1 className="sr-only">Board</h1>
        <ProblemField
          typed={board.typed}
          draft={board.draft}
          house={house}
          acts={acts}
          field={problemField}
          onOpened={() => problemField.current?.blur()}
        />
        <ChoiceButton
          label="Method"
          chosen={open ? methodWords(open.method).name : "Not yet"}
          disabled={run === undefined}
          isOpen={menu === "method"}
          button={methodButton}
          onPress={() => toggleMenu("method")}
        />
        <ChoiceButton
          label={preset.changed.length > 0 ? "House rules, changed" : "House rules"}
          chosen={PRESET_WORDS[preset.preset].name}
          isOpen={menu === "house"}
          button={houseButton}
          onPress={() => toggleMenu("house")}
        />
        <div className="ml-auto max-[700px]:contents">
          <FoldAway label="View">
            <ViewControls view={view} onView={changeView} onHelp={() => showKeys(true)} />
          </FoldAway>
        </div>
        <SequenceBar key={line} problem={line} house={house} />
        <p role="status" className="basis-full text-note text-rust empty:hidden">
          {another.message}
        </p>
      </header>
      <main
        aria-busy={!listening}
        className="grid min-h-0 grid-cols-[minmax(0,1fr)_300px] max-[1000px]:grid-cols-1 max-[1000px]:grid-rows-[minmax(0,1fr)_auto]"
      >
        <div className="grid min-h-0 min-w-0 auto-cols-fr grid-flow-col max-[700px]:grid-flow-row">
          <BoardSheet
            run={run}
            draft={draft}
            step={step}
            house={house}
            view={view}
            title={two && open ? methodWords(open.method).name : undefined}
            tools={tools}
            saving={open && !drafting ? saving : undefined}
            onChoose={choose}
            onNext={acting.next}
            onPrevious={acting.previous}
          />
          {two && run && (
            <BoardSheet
              run={besideRun}
              draft={undefined}
              step={stepBeside(run, step, besideRun)}
              house={house}
              view={view}
              title={methodWords(besideRun.working.method).name}
              tools={undefined}
              saving={undefined}
              onChoose={choose}
              onNext={acting.next}
              onPrevious={acting.previous}
            />
          )}
        </div>
        <Aside className="flex flex-col gap-5 py-4 pr-6 pl-2 max-[1000px]:max-h-[38vh] max-[1000px]:px-8 max-[700px]:max-h-[21vh] max-[700px]:gap-3 max-[700px]:px-4 max-[700px]:py-2">
          {run && here && words && open && !drafting ? (
            <Margin
              run={run}
              step={here}
              position={step}
              words={words}
              house={house}
              hidden={hidden}
              waiting={waiting}
              estimateWaits={view.estimateWaits}
              guess={open.guess}
              onShowSay={() => changeView({ sayLine: true })}
              onGuess={acts.guess}
              onBeside={acts.setBeside}
            />
          ) : (
            <p className="text-note leading-normal text-soft">
              {open
                ? "Press Enter to work what you have typed. Esc goes back to the board as it was."
                : "Type a problem and press Enter. It is set out here, with what to say at every step."}
            </p>
          )}
        </Aside>
      </main>
      <footer
        className="px-6 pt-1 pb-4 print:hidden max-[700px]:px-3 max-[700px]:pt-0 max-[700px]:pb-1 data-[drafting=true]:invisible"
        data-drafting={drafting}
      >
        {run && here && (
          <RunBar
            steps={run.steps}
            step={step}
            house={house}
            spoken={spoken}
            playing={play.playing}
            pace={view.pace}
            onGoTo={goTo}
            onPlay={acting.play}
            onPace={nextPace}
          />
        )}
      </footer>
      <p aria-live="polite" className="sr-only">
        {here && `Step ${step} of ${last}, ${stageName(here.stage, house)}. ${spoken}`}
      </p>
      <BoardPanels
        menu={menu}
        run={run}
        open={open}
        step={step}
        house={house}
        acts={acts}
        buttons={{ ...toolButtons, method: methodButton }}
        onDraw={(what) => void another.draw(what)}
        onClose={closeMenu}
      />
    </div>
  );
}
