"use client";

import { type ReactElement, useState } from "react";
import type { HouseRules } from "@/core/house";
import { worthOf } from "@/core/shop";
import { moneyOf, readMoney } from "./money";
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
  const [typed, setTyped] = useState("");
  const [said, setSaid] = useState("");
  const { should, is } = balanceOf(day);
  const check = (): void => {
    const read = readMoney(typed, house);
    if (read === undefined) setSaid("Write an amount.");
    else if (read === should)
      setSaid(
        should === is
          ? "Right, and so much is in it: the day balances."
          : `Right. In it is ${moneyOf(is, house)}.`,
      );
    else setSaid("Not that. Add what was sold to the float.");
  };
  return (
    <section aria-label="The day" className="mt-5 grid gap-1 border-t border-edge pt-3">
      <h2 className="text-[17px] font-semibold">The day</h2>
      <p className="flex justify-between">
        Float at the start <span className="font-board">{moneyOf(worthOf(day.float), house)}</span>
      </p>
      <p className="flex justify-between">
        Sold in {day.sales === 1 ? "1 sale" : `${day.sales} sales`}{" "}
        <span className="font-board">{moneyOf(day.sold, house)}</span>
      </p>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          check();
        }}
        className="flex items-center gap-1.5"
      >
        <label className="flex min-w-0 flex-1 items-center justify-between gap-2">
          In the drawer now
          <input
            value={typed}
            autoComplete="off"
            onChange={({ target }) => {
              setTyped(target.value);
              setSaid("");
            }}
            className="h-11 w-28 rounded-lg border border-edge bg-page px-2 text-right font-board text-[18px]"
          />
        </label>
        <button type="submit" className="h-11 rounded-lg px-3 font-semibold text-plumb hover:bg-shade">
          Check
        </button>
      </form>
      <p role="status" className="min-h-6 leading-snug">
        {said}
      </p>
      <button
        type="button"
        onClick={onBegin}
        className="-ml-3 h-11 justify-self-start rounded-lg px-3 font-semibold text-plumb hover:bg-shade"
      >
        Begin the day anew
      </button>
    </section>
  );
}
