import type { ReactElement } from "react";
import { nearestPreset } from "@/core/house";
import { PRESET_WORDS } from "@/core/wording";
import { SequenceBar } from "../../lessonSequence";
import { FoldAway } from "../../parts/FoldAway";
import { showKeys } from "../../shortcuts";
import { ChoiceButton } from "../controls/ChoiceButton";
import { ProblemField } from "../controls/ProblemField";
import { ViewControls } from "../controls/ViewControls";
import { methodWords } from "../loaded/parts";
import type { BoardDesk } from "./useBoardDesk";

/** The problem that is typed, the method and the house rules, the view, and where the problem stands among others. */
export function BoardHeading({
  desk: { board, acts, view, changeView, menus, field, another, line, run },
}: {
  readonly desk: BoardDesk;
}): ReactElement {
  const { open, house } = board;
  const preset = nearestPreset(house);
  return (
    <header className="print:hidden flex flex-wrap items-center gap-3 px-6 pt-3.5 pb-2 max-[700px]:gap-2 max-[700px]:px-3 max-[700px]:pt-2 max-[700px]:pb-1">
      <h1 className="sr-only">Board</h1>
      <ProblemField
        typed={board.typed}
        draft={board.draft}
        house={house}
        acts={acts}
        field={field}
        onOpened={() => field.current?.blur()}
      />
      <ChoiceButton
        label="Method"
        chosen={open ? methodWords(open.method).name : "Not yet"}
        disabled={run === undefined}
        isOpen={menus.menu === "method"}
        button={menus.methodButton}
        onPress={() => menus.toggle("method")}
      />
      <ChoiceButton
        label={preset.changed.length > 0 ? "House rules, changed" : "House rules"}
        chosen={PRESET_WORDS[preset.preset].name}
        isOpen={menus.menu === "house"}
        button={menus.houseButton}
        onPress={() => menus.toggle("house")}
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
  );
}
