"use client";

import { Dialog } from "radix-ui";
import { type ReactElement, useEffect, useState } from "react";
import {
  CALCULATOR_KEYS,
  type Calculator,
  type CalculatorKey,
  CLEARED,
  display,
  keysFor,
  press,
} from "@/core/checks";
import type { HouseRules } from "@/core/house";
import { decimalSign } from "@/core/number";
import { type Problem, signOf } from "@/core/problem";
import { Button } from "../../parts/Button";
import { PanelHeading } from "./PanelHeading";

/** How long a key stays down while the calculator keys by itself. */
const KEY_PAUSE = 320;

/** What is printed on a key, and what it is called. */
function keyFace(key: CalculatorKey, house: HouseRules): { readonly shown: string; readonly named: string } {
  switch (key) {
    case "add":
    case "subtract":
    case "multiply":
    case "divide":
      return {
        shown: signOf(key, house),
        named: { add: "plus", subtract: "minus", multiply: "times", divide: "divided by" }[key],
      };
    case "point":
      return { shown: decimalSign(house), named: house.decimalMark };
    case "equals":
      return { shown: "=", named: "equals" };
    case "clear":
      return { shown: "Clear", named: "clear" };
    case "sign":
      return { shown: "+/−", named: "other sign" };
    case "fraction":
      return { shown: "a/b", named: "fraction line" };
    default:
      return { shown: key, named: key };
  }
}

/** The key of a keyboard that stands for a key of the calculator. */
const TYPED: Readonly<Record<string, CalculatorKey>> = {
  "+": "add",
  "-": "subtract",
  "*": "multiply",
  "/": "divide",
  ":": "divide",
  ".": "point",
  ",": "point",
  "=": "equals",
  Enter: "equals",
  Delete: "clear",
};

/** A pocket calculator that computes exactly and shows eight digits, keyed by hand or by itself. Loaded when it is first wanted. */
export default function CalculatorPanel({
  problem,
  house,
  onClose,
}: {
  readonly problem: Problem;
  readonly house: HouseRules;
  readonly onClose: () => void;
}): ReactElement {
  const [calculator, setCalculator] = useState<Calculator>(CLEARED);
  const [waiting, setWaiting] = useState<readonly CalculatorKey[]>([]);
  const [down, setDown] = useState<CalculatorKey | undefined>();
  const itself = keysFor(problem);
  const shown = display(calculator, house);

  useEffect(() => {
    const [next, ...rest] = waiting;
    const timer = setTimeout(() => {
      setDown(next);
      if (next === undefined) return;
      setCalculator((before) => press(before, next));
      setWaiting(rest);
    }, KEY_PAUSE);
    return () => clearTimeout(timer);
  }, [waiting]);

  const byHand = (key: CalculatorKey): void => {
    setWaiting([]);
    setDown(undefined);
    setCalculator((before) => press(before, key));
  };

  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()} modal={false}>
      <Dialog.Portal>
        <Dialog.Content
          aria-describedby={undefined}
          onInteractOutside={(event) => event.preventDefault()}
          onKeyDown={(event) => {
            const key = TYPED[event.key] ?? CALCULATOR_KEYS.find((known) => known === event.key);
            if (key === undefined || event.ctrlKey || event.metaKey || event.altKey) return;
            // Enter and the space bar press the key that has the focus, as on any button.
            if (event.key === "Enter" && event.target instanceof HTMLButtonElement) return;
            event.preventDefault();
            byHand(key);
          }}
          className="fixed top-[74px] right-3 z-30 w-[300px] rounded-2xl border border-edge bg-page p-4 shadow-sheet outline-none"
        >
          <PanelHeading title="Pocket calculator" />
          <output
            aria-label="Display"
            className="block h-14 rounded-lg border border-edge bg-paper px-3 text-right font-board text-head leading-[54px] data-[error=true]:text-rust"
            data-error={shown.error}
          >
            {shown.text}
          </output>
          <p aria-live="polite" className="mt-1 min-h-10 text-small leading-snug text-soft">
            {shown.error && shown.cut
              ? "Too large for eight digits."
              : shown.error
                ? "A division by zero. Press Clear."
                : shown.cut
                  ? "Eight digits is all it shows: it goes on, and the rest is dropped."
                  : ""}
          </p>
          <div className="grid grid-cols-4 gap-1.5">
            {CALCULATOR_KEYS.map((key) => {
              const { shown: face, named } = keyFace(key, house);
              return (
                <button
                  key={key}
                  type="button"
                  aria-label={named}
                  data-down={down === key}
                  data-digit={/^\d$/.test(key)}
                  onClick={() => byHand(key)}
                  className="h-12 rounded-lg border border-edge bg-shade font-board text-lead last:col-span-2 last:text-body hover:border-soft data-[digit=true]:bg-page data-[down=true]:border-plumb data-[down=true]:bg-plumb data-[down=true]:text-on-plumb"
                >
                  {face}
                </button>
              );
            })}
          </div>
          {itself ? (
            <Button look="main" onClick={() => setWaiting(itself)} className="mt-3 w-full">
              Key this problem in
            </Button>
          ) : (
            <p className="mt-3 text-note text-soft">
              {problem.op === "round" || problem.op === "compare"
                ? "There is nothing to key in for this problem."
                : "These numbers have more digits than it takes: eight."}
            </p>
          )}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
