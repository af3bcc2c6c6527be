"use client";

import { type ReactElement, useRef, useState } from "react";
import { choicesOf, type HouseChoices, type HouseRules, houseRulesFrom } from "@/core/house";
import { AsideNotes } from "../saving/AsideNotes";
import { useAskBeforeLeaving, useLeaving } from "../saving/leaving";
import { useOtherWindows } from "../saving/otherWindows";
import { send } from "../saving/send";
import type { UnreadRow } from "../saving/unreadRow";
import { ROUTES } from "../routes";
import { HouseSwitches } from "./HouseSwitches";

/** The tutor's house rules, with a sample of what each switch changes. */
export function HouseRulesScreen({
  start,
  unread,
}: {
  readonly start: HouseRules;
  /** House rules that are kept and can't be read. */
  readonly unread: readonly UnreadRow[];
}): ReactElement {
  const [house, setHouse] = useState(start);
  const [keeping, setKeeping] = useState<"kept" | "keeping" | "notKept">("kept");
  const latest = useRef(start);
  /** What is on disk, as far as this window knows. */
  const onDisk = useRef(start);
  // One write at a time, so that an older state never reaches the disk after a newer one.
  const writing = useRef<Promise<unknown>>(Promise.resolve());

  const change = (rules: HouseRules): void => {
    latest.current = rules;
    setHouse(rules);
    setKeeping("keeping");
    writing.current = writing.current.then(() => keep(rules));
  };
  const keep = async (rules: HouseRules): Promise<void> => {
    const body = { saw: choicesOf(onDisk.current), house: choicesOf(rules) };
    const kept = await send<{ readonly house: HouseChoices }>(ROUTES.house, "PUT", body);
    const now = kept.ok ? houseRulesFrom(kept.value.house) : undefined;
    if (now?.ok) onDisk.current = now.value;
    if (latest.current !== rules) return;
    // Switches that another window changed meanwhile stand as it left them.
    if (now?.ok) show(now.value);
    setKeeping(now?.ok ? "kept" : "notKept");
  };
  const show = (rules: HouseRules): void => {
    onDisk.current = rules;
    latest.current = rules;
    setHouse(rules);
  };
  const look = async (): Promise<void> => {
    const before = latest.current;
    const told = await send<{ readonly house: HouseChoices }>(ROUTES.house, "GET");
    const now = told.ok ? houseRulesFrom(told.value.house) : undefined;
    if (now?.ok && latest.current === before && onDisk.current === before) show(now.value);
  };
  useOtherWindows(() => void look());
  useLeaving(() => writing.current);
  useAskBeforeLeaving(keeping === "notKept");

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
        <AsideNotes rows={unread} what="setting" />
        <HouseSwitches house={house} samples onHouse={change} />
      </div>
    </main>
  );
}
