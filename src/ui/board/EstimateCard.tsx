"use client";

import { type ReactElement, useId, useState } from "react";
import { type Estimate, guessAgainst } from "@/core/checks";
import type { HouseRules } from "@/core/house";
import { type Decimal, writeDecimal } from "@/core/number";
import { readNumber } from "@/core/problem";
import { estimateLine, guessWords, readErrorWords } from "@/core/wording";
import { LONGEST_GUESS } from "../routes";

/** The estimate made first. Where it waits, the learner's comes before it and stands beside it. */
export function EstimateCard({
  estimate,
  house,
  waits,
  waiting,
  guess,
  onGuess,
}: {
  readonly estimate: Estimate;
  readonly house: HouseRules;
  readonly waits: boolean;
  readonly waiting: boolean;
  readonly guess: string;
  readonly onGuess: (guess: string) => void;
}): ReactElement {
  const made = guess === "" ? undefined : readNumber(guess, house);
  return (
    <section aria-label="Estimate">
      <h2 className="text-[13px] text-soft">{waiting ? "Your estimate first" : "Estimate made first"}</h2>
      {waiting ? (
        <GuessForm house={house} onGuess={onGuess} />
      ) : (
        <>
          <p className="mt-1 text-xl font-semibold wrap-anywhere text-straw">
            {estimateLine(estimate, house)}
          </p>
          {made?.ok && (
            <Compared
              guess={made.value}
              estimate={estimate}
              house={house}
              waits={waits}
              onAgain={() => onGuess("")}
            />
          )}
        </>
      )}
    </section>
  );
}

function GuessForm({
  house,
  onGuess,
}: {
  readonly house: HouseRules;
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
        const number = readNumber(typed, house);
        if (number.ok) onGuess(typed.trim());
        else {
          setComplaint(
            number.error.code === "empty"
              ? "Type about how much it will be."
              : readErrorWords(number.error, house),
          );
        }
      }}
    >
      <label htmlFor={inputId} className="text-[15.5px]">
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
          inputMode="decimal"
          autoComplete="off"
          maxLength={LONGEST_GUESS}
          aria-invalid={complaint !== ""}
          className="h-11 w-28 rounded-lg border border-edge bg-page px-3 font-board text-lg aria-invalid:border-rust"
        />
        <button
          type="submit"
          className="h-11 rounded-lg border border-straw px-3.5 text-[15px] font-semibold text-straw hover:bg-shade"
        >
          Compare
        </button>
      </div>
      <p role="status" className="text-[15px] text-rust empty:hidden">
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
  readonly guess: Decimal;
  readonly estimate: Estimate;
  readonly house: HouseRules;
  readonly waits: boolean;
  readonly onAgain: () => void;
}): ReactElement {
  return (
    <p className="mt-1 text-[15.5px]">
      You said <strong className="font-board">{writeDecimal(guess, house)}</strong>:{" "}
      {guessWords(guessAgainst(guess, estimate))}{" "}
      {waits && (
        <button type="button" onClick={onAgain} className="min-h-9 font-semibold text-plumb">
          Guess again
        </button>
      )}
    </p>
  );
}
