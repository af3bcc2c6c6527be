import { BookmarkPlus, Eye, EyeOff, Table2, Undo2 } from "lucide-react";
import type { ReactElement } from "react";
import type { TraitId } from "@/core/features";
import type { HouseRules } from "@/core/house";
import { API_ROUTES } from "@/service/apiRoutes";
import { ROUTES } from "@/service/routes";
import { Button } from "../../../parts/Button";
import { PlaceLink } from "../../../parts/PlaceLink";
import type { AddressedRecipe } from "../../recipeAddress";
import type { OpenedSheet, SheetWindow } from "../useOpenedSheet";
import { AddProblems } from "./AddProblems";
import { AddStories } from "./AddStories";
import { DrawAnew } from "./DrawAnew";
import { MarkPanel } from "./MarkPanel";
import { PrintPanel } from "./PrintPanel";
import { RecipePanel } from "./RecipePanel";
import { SheetFiles } from "./SheetFiles";
import { ToALearner } from "./ToALearner";

/** What is shown below the rows beside the problems. */
export interface SheetShows {
  readonly answers: boolean;
  readonly features: boolean;
}

/** What can be done with a sheet: a drawn one is kept; a kept one is printed, given to a learner, marked and saved as a file. */
export function EditorActs({
  opened,
  window: { sheet, keepIt },
  recipe,
  possible,
  house,
  shows,
  onShows,
}: {
  readonly opened: OpenedSheet | undefined;
  readonly window: SheetWindow;
  readonly recipe: AddressedRecipe | undefined;
  readonly possible: readonly TraitId[];
  readonly house: HouseRules;
  readonly shows: SheetShows;
  readonly onShows: (shows: SheetShows) => void;
}): ReactElement {
  const { answers, features } = shows;
  const EyeIcon = answers ? EyeOff : Eye;
  return (
    <div className="mt-3 flex flex-wrap items-center gap-x-1 gap-y-1 print:hidden">
      {opened === undefined ? (
        <>
          <Button look="main" onClick={() => void keepIt(ROUTES.keptSheet)}>
            <BookmarkPlus aria-hidden="true" className="size-4.5" />
            Keep this sheet
          </Button>
          <Button look="quiet" onClick={() => void keepIt((id) => `${ROUTES.keptSheet(id)}?print`)}>
            Keep and print
          </Button>
        </>
      ) : (
        <PrintPanel
          pdf={API_ROUTES.keptSheetPdf(opened.id)}
          startsOpen={opened.prints}
          hasStories={sheet.rows.some(({ shown }) => shown?.story !== undefined)}
        />
      )}
      {recipe !== undefined && recipe.own === undefined && (
        <RecipePanel recipe={recipe} possible={possible} />
      )}
      {recipe?.own !== undefined && (
        <PlaceLink href={ROUTES.ownRung({ own: recipe.own })} look="quiet">
          Change this rung
        </PlaceLink>
      )}
      {opened !== undefined && (
        <>
          <ToALearner rows={sheet.rows} house={house} />
          <MarkPanel sheet={opened.id} learners={opened.learners} />
        </>
      )}
      <DrawAnew recipe={recipe} sheet={sheet} />
      <AddProblems onAdd={sheet.add} />
      <AddStories onAdd={sheet.addStories} onAddOwn={sheet.addOwnStories} />
      {opened !== undefined && <SheetFiles id={opened.id} />}
      <Button look="quiet" aria-pressed={answers} onClick={() => onShows({ ...shows, answers: !answers })}>
        <EyeIcon aria-hidden="true" className="size-4.5" />
        {answers ? "Hide the answers" : "Show the answers"}
      </Button>
      <Button look="quiet" aria-pressed={features} onClick={() => onShows({ ...shows, features: !features })}>
        <Table2 aria-hidden="true" className="size-4.5" />
        What it trains
      </Button>
      <Button look="quiet" disabled={!sheet.canUndo} onClick={sheet.undo}>
        <Undo2 aria-hidden="true" className="size-4.5" />
        Undo
      </Button>
    </div>
  );
}
