import type { ReactElement } from "react";
import type { HouseRules } from "@/core/house";
import { worthOfDrawer } from "@/core/shop";
import { Button } from "../../parts/Button";
import { CheckField } from "../CheckField";
import { readMoney, writtenMoney } from "./money";
import { balanceOf, type Day } from "./sale";

/** The day's float balanced: what the drawer began with, what was sold, and what should be in it now. */
export function DayBalance({
  day,
  house,
  onBegin,
}: {
  readonly day: Day;
  readonly house: HouseRules;
  readonly onBegin: () => void;
}): ReactElement {
  const { should, is } = balanceOf(day);
  const check = (typed: string): string => {
    const read = readMoney(typed, house);
    if (read === undefined) return "Write an amount.";
    if (read !== should) return "Not that. Add what was sold to the float.";
    return should === is
      ? "Right, and so much is in it: the day balances."
      : `Right. In it is ${writtenMoney(is, house)}.`;
  };
  return (
    <section aria-label="The day" className="mt-5 grid gap-1 border-t border-edge pt-3">
      <h2 className="text-body font-semibold">The day</h2>
      <p className="flex justify-between">
        Float at the start <span className="font-board">{writtenMoney(worthOfDrawer(day.float), house)}</span>
      </p>
      <p className="flex justify-between">
        Sold in {day.sales === 1 ? "1 sale" : `${day.sales} sales`}{" "}
        <span className="font-board">{writtenMoney(day.sold, house)}</span>
      </p>
      <CheckField shown label="In the drawer now" about={is} onCheck={check} />
      <Button look="quiet" onClick={onBegin} className="-ml-3 justify-self-start">
        Begin the day anew
      </Button>
    </section>
  );
}
