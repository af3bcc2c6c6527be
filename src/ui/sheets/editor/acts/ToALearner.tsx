import { PenLine } from "lucide-react";
import type { ReactElement } from "react";
import type { HouseRules } from "@/core/house";
import { turnAddress } from "@/service/boardAddress";
import { keepSequence, newSequence } from "../../../lessonSequence";
import { Button } from "../../../parts/Button";
import { useNavigateAfterSaving } from "../../../parts/PlaceLink";
import type { SheetRows } from "../useSheetRows";

/** Gives the sheet's problems to a learner, one after the other. */
export function ToALearner({
  rows,
  house,
}: {
  readonly rows: SheetRows["rows"];
  readonly house: HouseRules;
}): ReactElement {
  const go = useNavigateAfterSaving();
  const lines = rows.flatMap(({ shown }) => (shown === undefined ? [] : [shown.problem]));
  return (
    <Button
      look="quiet"
      disabled={lines.length === 0}
      onClick={() => {
        keepSequence(newSequence("sheet", lines));
        go(turnAddress({ problem: lines[0] ?? "", house }));
      }}
    >
      <PenLine aria-hidden="true" className="size-4.5" />
      To a learner
    </Button>
  );
}
