"use client";

import { type ReactElement, useId, useState } from "react";
import { type Estimate, guessAgainst } from "@/core/checks";
import type { HouseRules } from "@/core/house";
import { LONGEST_GUESS } from "@/core/marking";
import { readOneQuantity } from "@/core/problem";
import { type Quantity, unitOf, writeQuantity } from "@/core/quantity";
import { guessWords, readErrorWords } from "@/core/wording";
import { Button } from "../../parts/Button";

/** The estimate of a problem, and the learner's own beside it. */
export interface Guessing {
  readonly estimate: Estimate;
  readonly house: HouseRules;
  /** Whether the house has the learner's come first, and whether it has not come yet. */
  readonly waits: boolean;
  readonly waiting: boolean;
  readonly guess: string;
  readonly onGuess: (guess: string) => void;
}

/** The learner's estimate: asked for while the house's waits, compared with it after. */
export default function Guess({
  estimate,
  house,
  waits,
  waiting,
  guess,
  onGuess,
}: Guessing): ReactElement | null {
  if (waiting) return <GuessForm house={house} result={estimate.result} onGuess={onGuess} />;
  const read = readOneQuantity(guess, house);
  if (!read.ok || !comparable(read.value, estimate.result)) return null;
  return (
    <Compared
      guess={read.value}
      estimate={estimate}
      house={house}
      waits={waits}
      onAgain={() => onGuess("")}
    />
  );
}

/** Whether a guess and an estimate count the same thing: plain numbers, or one kind of money or measure. */
function comparable(guess: Quantity, result: Quantity): boolean {
  const thing = (quantity: Quantity): string =>
    quantity.kind === "amount"
      ? quantity.currency
      : quantity.kind === "measure"
        ? unitOf(quantity.parts[0]?.unit ?? "m").scale
        : "number";
  return thing(guess) === thing(result);
}

function GuessForm({
  house,
  result,
  onGuess,
}: {
  readonly house: HouseRules;
  /** What the estimate comes to: a guess must count the same thing. */
  readonly result: Quantity;
  readonly onGuess: (guess: string) => void;
}): ReactElement {
  const [typed, setTyped] = useState("");
  const [complaint, setComplaint] = useState("");
  const inputId = useId();
  return (
    <form
      className="mt-1 flex flex-col gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        const number = readOneQuantity(typed, house);
        if (number.ok && comparable(number.value, result)) onGuess(typed.trim());
        else if (number.ok) {
          setComplaint(
            `Type it as ${writeQuantity(result, house).replace(/\d+/g, "…")}, with the same unit.`,
          );
        } else {
          setComplaint(
            number.error.code === "empty"
              ? "Type about how much it will be."
              : readErrorWords(number.error, house),
          );
        }
      }}
    >
      <label htmlFor={inputId} className="text-note">
        About how much will it be?
      </label>
      <div className="flex gap-2">
        <input
          id={inputId}
          value={typed}
          onChange={(event) => {
            setTyped(event.target.value);
            setComplaint("");
          }}
          inputMode="text"
          autoComplete="off"
          maxLength={LONGEST_GUESS}
          aria-invalid={complaint !== ""}
          className="h-11 w-28 rounded-lg border border-edge bg-page px-3 font-board text-body aria-invalid:border-rust"
        />
        <button
          type="submit"
          className="h-11 rounded-lg border border-straw px-3.5 text-note font-semibold text-straw hover:bg-shade"
        >
          Compare
        </button>
      </div>
      <p role="status" className="text-note text-rust empty:hidden">
        {complaint}
      </p>
    </form>
  );
}

function Compared({
  guess,
  estimate,
  house,
  waits,
  onAgain,
}: {
  readonly guess: Quantity;
  readonly estimate: Estimate;
  readonly house: HouseRules;
  readonly waits: boolean;
  readonly onAgain: () => void;
}): ReactElement {
  return (
    <p className="mt-1 text-note">
      You said <strong className="font-board">{writeQuantity(guess, house)}</strong>:{" "}
      {guessWords(guessAgainst(guess, estimate))}{" "}
      {waits && (
        <Button look="words" onClick={onAgain}>
          Guess again
        </Button>
      )}
    </p>
  );
}
