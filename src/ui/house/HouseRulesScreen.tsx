"use client";

import { type ReactElement, useRef, useState } from "react";
import { choicesOf, type HouseChoices, type HouseRules } from "@/core/house";
import { HouseSwitches } from "./HouseSwitches";

/** The tutor's house rules, with a sample of what each switch changes. */
export function HouseRulesScreen({
  start,
  save,
}: {
  readonly start: HouseRules;
  readonly save: (choices: HouseChoices) => Promise<void>;
}): ReactElement {
  const [house, setHouse] = useState(start);
  const [keeping, setKeeping] = useState<"kept" | "keeping" | "notKept">("kept");
  const latest = useRef(start);

  const change = async (rules: HouseRules): Promise<void> => {
    latest.current = rules;
    setHouse(rules);
    setKeeping("keeping");
    try {
      await save(choicesOf(rules));
      if (latest.current === rules) setKeeping("kept");
    } catch {
      if (latest.current === rules) setKeeping("notKept");
    }
  };

  return (
    <main className="h-full overflow-y-auto px-8 py-6 max-[700px]:px-4">
      <div className="mx-auto max-w-[880px]">
        <div className="flex items-baseline justify-between gap-4">
          <h1 className="text-3xl font-semibold">House rules</h1>
          <p
            role="status"
            className="text-[13px] text-soft data-[keeping=notKept]:text-rust"
            data-keeping={keeping}
          >
            {
              { kept: "Kept", keeping: "Keeping…", notKept: "Not kept. Change it once more to try again." }[
                keeping
              ]
            }
          </p>
        </div>
        <p className="mt-1 mb-5 text-soft">
          How your school writes and talks. New boards begin with these; a board can have its own. Beside each
          switch you see what it changes.
        </p>
        <HouseSwitches house={house} samples onHouse={change} />
      </div>
    </main>
  );
}
