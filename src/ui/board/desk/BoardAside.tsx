import type { ReactElement } from "react";
import { Aside } from "../../parts/Aside";
import { Margin } from "../margin/Margin";
import type { BoardDesk } from "./useBoardDesk";

/** What to say, ask and know at the step the board is at; before there is one, what to do next. */
export function BoardAside({
  desk: { board, acts, view, changeView, run, drafting, step, here },
}: {
  readonly desk: BoardDesk;
}): ReactElement {
  const { open, house } = board;
  return (
    <Aside className="flex flex-col gap-5 py-4 pr-6 pl-2 max-[1000px]:max-h-[38vh] max-[1000px]:px-8 max-[700px]:max-h-[21vh] max-[700px]:gap-3 max-[700px]:px-4 max-[700px]:py-2">
      {run && here && open && !drafting ? (
        <Margin
          run={run}
          step={here.step}
          position={step}
          words={here.words}
          house={house}
          hidden={here.hidden}
          waiting={here.waiting}
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
  );
}
