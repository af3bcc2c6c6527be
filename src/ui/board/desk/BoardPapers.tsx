import type { ReactElement } from "react";
import { ROUTES } from "@/service/routes";
import { methodWords } from "../loaded/parts";
import { BoardSheet } from "../page/BoardSheet";
import { PageTools } from "../page/PageTools";
import { stepBeside } from "../running/stepBeside";
import { formWords, takesForms } from "../state/forms";
import type { BoardDesk } from "./useBoardDesk";
import type { BoardActing } from "./useBoardKeys";

/** The squared paper of the problem; two of them where another method stands beside it. */
export function BoardPapers({
  desk,
  acting,
}: {
  readonly desk: BoardDesk;
  readonly acting: BoardActing;
}): ReactElement {
  const { board, view, saving, menus, run, draft, drafting, voice, step, problemAt } = desk;
  const { open, besideRun, house } = board;
  const { menu } = menus;
  const problem = run?.working.problem;
  const two = besideRun !== undefined && !drafting;
  const common = {
    house,
    view,
    onChoose: saving.choose,
    onNext: acting.next,
    onPrevious: acting.previous,
  };
  const tools = problem && open && !drafting && (
    <PageTools
      form={formWords(problem.form, house)}
      takesForm={takesForms(problem)}
      besideOn={two}
      open={menu === "method" || menu === "house" ? undefined : menu}
      voice={voice}
      aloud={view.aloud}
      buttons={menus.toolButtons}
      ways={{ yourTurn: problemAt(ROUTES.yourTurn), wrongWay: problemAt(ROUTES.wrongWay) }}
      onTool={menus.toggle}
      onAloud={acting.aloud}
    />
  );
  return (
    <div className="grid min-h-0 min-w-0 auto-cols-fr grid-flow-col max-[700px]:grid-flow-row">
      <BoardSheet
        {...common}
        run={run}
        draft={draft}
        step={step}
        title={two && open ? methodWords(open.method).name : undefined}
        tools={tools}
        saving={open && !drafting ? saving.saving : undefined}
      />
      {two && run && (
        <BoardSheet
          {...common}
          run={besideRun}
          draft={undefined}
          step={stepBeside(run, step, besideRun)}
          title={methodWords(besideRun.working.method).name}
          tools={undefined}
          saving={undefined}
        />
      )}
    </div>
  );
}
