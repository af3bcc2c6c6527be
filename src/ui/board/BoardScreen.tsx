"use client";

import type { ReactElement } from "react";
import { stageName } from "@/core/wording";
import { useListening } from "../parts/useListening";
import { RunBar } from "./controls/RunBar";
import { BoardAside } from "./desk/BoardAside";
import { BoardHeading } from "./desk/BoardHeading";
import { BoardPapers } from "./desk/BoardPapers";
import { type BoardStart, useBoardDesk } from "./desk/useBoardDesk";
import { useBoardKeys } from "./desk/useBoardKeys";
import { withParts } from "./loaded/loadParts";
import type { PartId } from "./loaded/parts";
import { BoardPanels } from "./panels/BoardPanels";

/** The Board: a problem typed, set out on squared paper and stepped through, with what to say beside it. `parts` are those its first problem needs. */
export const BoardScreen = ({
  parts,
  ...start
}: BoardStart & { readonly parts: readonly PartId[] }): ReactElement =>
  withParts(parts, <Board {...start} />);

function Board(start: BoardStart): ReactElement {
  const desk = useBoardDesk(start);
  const acting = useBoardKeys(desk);
  const { board, acts, view, menus, another, run, drafting, step, last, here, play, goTo } = desk;
  const { open, house } = board;
  // Until the page listens, it is only the server's picture of it.
  const listening = useListening();
  return (
    <div className="grid h-full grid-cols-[minmax(0,1fr)] print:block print:h-auto grid-rows-[auto_minmax(0,1fr)_auto]">
      <BoardHeading desk={desk} />
      <main
        aria-busy={!listening}
        className="grid min-h-0 grid-cols-[minmax(0,1fr)_300px] max-[1000px]:grid-cols-1 max-[1000px]:grid-rows-[minmax(0,1fr)_auto]"
      >
        <BoardPapers desk={desk} acting={acting} />
        <BoardAside desk={desk} />
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
            spoken={here.spoken}
            playing={play.playing}
            pace={view.pace}
            onGoTo={goTo}
            onPlay={acting.play}
            onPace={acting.pace}
          />
        )}
      </footer>
      <p aria-live="polite" className="sr-only">
        {here && `Step ${step} of ${last}, ${stageName(here.step.stage, house)}. ${here.spoken}`}
      </p>
      <BoardPanels
        menu={menus.menu}
        run={run}
        open={open}
        step={step}
        house={house}
        acts={acts}
        buttons={{ ...menus.toolButtons, method: menus.methodButton }}
        onDraw={(what) => void another.draw(what)}
        onClose={menus.close}
      />
    </div>
  );
}
