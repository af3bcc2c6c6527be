"use client";

import { type FormEvent, type ReactElement, useId, useState } from "react";
import {
  type CurrencyId,
  isOwnCurrency,
  type OwnCurrencyError,
  ownCurrencyId,
  ownCurrencyOf,
} from "@/core/quantity";
import { ownCurrencyErrorWords } from "@/core/wording";
import { Button } from "../parts/Button";

const FIELDS = [
  { name: "sign", label: "Sign of large money", hint: "kr" },
  { name: "minorSign", label: "Sign of small money", hint: "ct" },
  { name: "name", label: "One is called", hint: "crown" },
  { name: "names", label: "Several are called", hint: "crowns" },
  { name: "minor", label: "A hundredth is called", hint: "cent" },
  { name: "minors", label: "Several hundredths", hint: "cents" },
  { name: "coins", label: "Coins, in small money", hint: "10 50 100 200" },
  { name: "notes", label: "Notes, in large money", hint: "5 10 20 50" },
] as const;

type Typed = Readonly<Record<(typeof FIELDS)[number]["name"], string>>;

const BLANK: Typed = {
  sign: "",
  minorSign: "",
  name: "",
  names: "",
  minor: "",
  minors: "",
  coins: "",
  notes: "",
};

function typedOf(currency: CurrencyId): Typed {
  if (!isOwnCurrency(currency)) return BLANK;
  const { coins, notes, ...words } = ownCurrencyOf(currency);
  return { ...words, coins: coins.join(" "), notes: notes.map((note) => note / 100).join(" ") };
}

const numbersIn = (text: string, times: number): readonly number[] =>
  text
    .split(/[\s,;]+/)
    .filter(Boolean)
    .map((number) => Number(number) * times);

/** A currency of the tutor's own: its signs and names, its coins and notes. */
export function OwnMoney({
  currency,
  onCurrency,
}: {
  readonly currency: CurrencyId;
  readonly onCurrency: (currency: CurrencyId) => void;
}): ReactElement {
  const [typed, setTyped] = useState(() => typedOf(currency));
  const [error, setError] = useState<OwnCurrencyError | undefined>();
  const id = useId();
  const save = (event: FormEvent): void => {
    event.preventDefault();
    const own = ownCurrencyId({
      ...typed,
      coins: numbersIn(typed.coins, 1),
      notes: numbersIn(typed.notes, 100),
    });
    setError(own.ok ? undefined : own.error);
    if (own.ok) onCurrency(own.value);
  };
  return (
    <details className="w-full" open={isOwnCurrency(currency)}>
      <summary className="min-h-9 cursor-pointer py-1.5 text-note font-semibold text-plumb">
        Money of your own
      </summary>
      <form onSubmit={save} className="mt-1 grid grid-cols-2 gap-x-3 gap-y-2">
        {FIELDS.map(({ name, label, hint }) => (
          <label key={name} className="block text-small text-soft">
            {label}
            <input
              value={typed[name]}
              placeholder={hint}
              autoComplete="off"
              spellCheck={false}
              aria-describedby={error ? id : undefined}
              onChange={(event) => setTyped({ ...typed, [name]: event.target.value.trimStart() })}
              className="mt-0.5 block h-9 w-full rounded-lg border border-edge bg-page px-2.5 text-note text-ink placeholder:text-soft"
            />
          </label>
        ))}
        {error && (
          <p id={id} role="alert" className="col-span-2 text-note leading-snug text-rust">
            {ownCurrencyErrorWords(error)}
          </p>
        )}
        <Button look="main" type="submit" className="col-span-2 justify-self-start">
          Use this money
        </Button>
      </form>
    </details>
  );
}
