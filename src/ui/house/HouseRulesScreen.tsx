"use client";

import { useRouter } from "next/navigation";
import { type ReactElement, useState } from "react";
import { choicesOf, type HouseRules } from "@/core/house";
import { API_ROUTES } from "@/service/apiRoutes";
import type { Unread } from "@/service/kept/unread";
import type { SwitchSamples } from "@/service/views/house";
import { SaveStatus } from "../parts/SaveStatus";
import { Screen } from "../parts/Screen";
import { UnreadNotes } from "../parts/UnreadNotes";
import { useHandOver } from "../saving/useHandOver";
import { useKept } from "../saving/useKept";
import { useAsked } from "../saving/wire/useAsked";
import { VIEWS } from "../saving/wire/views";
import { HouseSwitches } from "./HouseSwitches";
import { HOUSE_CLIENT } from "./houseClient";

/** How long after a change its samples are asked for, in milliseconds. */
const PAUSE = 60;

/** The tutor's house rules, with a sample of what each switch changes. */
export function HouseRulesScreen({
  start,
  revision,
  samples,
  unread,
}: {
  readonly start: HouseRules;
  /** The revision they are on disk with; 0 where none are kept yet. */
  readonly revision: number;
  /** What each switch changes under them; none where that could not be worked out in time. */
  readonly samples: SwitchSamples | undefined;
  /** House rules that are kept and can't be read. */
  readonly unread: readonly Unread[];
}): ReactElement {
  const [house, setHouse] = useState(start);
  const { saving, choose } = useKept(HOUSE_CLIENT, house, { isKept: true, revision }, setHouse);
  const asked = house === start ? undefined : JSON.stringify({ house: choicesOf(house) });
  const { shown } = useAsked(VIEWS.switchSamples, API_ROUTES.houseSamples, asked, PAUSE);
  useHandOver(HOUSE_CLIENT, useRouter().refresh);

  return (
    <Screen>
      <div className="mx-auto max-w-[880px]">
        <div className="flex items-baseline justify-between gap-4">
          <h1 className="text-head font-semibold">House rules</h1>
          <SaveStatus saving={saving} onChoose={choose} />
        </div>
        <p className="mt-1 mb-5 text-soft">
          How your school writes and talks. New boards begin with these; a board can have its own. Beside each
          switch you see what it changes.
        </p>
        <UnreadNotes rows={unread} what="setting" />
        <HouseSwitches house={house} samples={shown?.samples ?? samples} onHouse={setHouse} />
      </div>
    </Screen>
  );
}
