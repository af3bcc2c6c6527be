"use client";

import { type ReactElement, useState } from "react";
import { choicesOf, type HouseRules } from "@/core/house";
import { type OwnRung, STRANDS } from "@/core/sheets";
import { STRAND_NAMES } from "@/core/wording";
import { API_ROUTES } from "@/service/apiRoutes";
import { ROUTES } from "@/service/routes";
import { Button } from "../../parts/Button";
import { PlaceLink, useNavigateAfterSaving } from "../../parts/PlaceLink";
import { SaveStatus } from "../../parts/SaveStatus";
import { useDrafts } from "../../saving/own/useDrafts";
import { useOwnThing } from "../../saving/own/useOwnThing";
import { useHandOver } from "../../saving/useHandOver";
import { send } from "../../saving/wire/send";
import { useAsked } from "../../saving/wire/useAsked";
import { VIEWS } from "../../saving/wire/views";
import { Choose } from "../editor/acts/Panel";
import { RungWishes } from "./RungWishes";
import { draftOfRung, RUNG_CLIENT, type RungDraft, rungOfDraft } from "./rungDraft";
import { Samples } from "./Samples";

/** How long after the last change the samples are drawn anew. */
const PAUSE = 350;

/** A rung made or adjusted by the tutor: its lines and wishes, with samples and how many fillings fit alongside. */
export function RungEditor({
  start,
  revision,
  draftName,
  house,
}: {
  readonly start: OwnRung;
  /** The revision of the rung on the ladder; none where it is new. */
  readonly revision: number | undefined;
  /** What is being written is remembered under this name. */
  readonly draftName: string;
  readonly house: HouseRules;
}): ReactElement {
  const go = useNavigateAfterSaving();
  const { drafts, put, drop } = useDrafts<RungDraft>("rungDraft", () =>
    import("./rungDraftSchema").then((module) => module.rungDraftSchema),
  );
  const draft = drafts[draftName] ?? draftOfRung(start);
  const { name, strand, text, always, never } = draft;
  const write = (change: Partial<RungDraft>): void => put(draftName, { ...draft, ...change });
  const [message, setMessage] = useState("");
  const rung = rungOfDraft(start.id, draft);
  const { saving, keep, choose, bringBack } = useOwnThing(
    RUNG_CLIENT,
    "rung",
    revision === undefined ? undefined : { value: start, revision },
    rung,
    {
      draft: (theirs) => write(draftOfRung(theirs)),
      kept: (_, isWritten) => {
        if (isWritten) return;
        drop(draftName);
        go(ROUTES.ownSheet(start.id));
      },
    },
  );
  useHandOver(RUNG_CLIENT, () => undefined);
  const asked = JSON.stringify({ lines: rung.lines, always, never, house: choicesOf(house) });
  const { shown, message: refused } = useAsked(VIEWS.ownSamples, API_ROUTES.ownSamples, asked, PAUSE);
  const takeOff = async (): Promise<void> => {
    const back = await send(API_ROUTES.ownThingListed("rung", start.id), "PUT", { deleted: true });
    if (back.ok) go(ROUTES.sheets);
    else setMessage(back.error.message);
  };
  const ready = name.trim() !== "" && rung.lines.length > 0 && shown !== undefined && shown.fit > 0;
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,340px)] gap-x-10 gap-y-6 max-[1000px]:grid-cols-1">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (ready) keep();
        }}
      >
        <label className="block">
          <span className="text-small text-soft">Its name</span>
          <input
            value={name}
            maxLength={80}
            onChange={(event) => write({ name: event.target.value })}
            className="mt-1 h-11 w-full rounded-lg border border-edge bg-page px-3"
          />
        </label>
        <label className="mt-3 block">
          <span className="text-small text-soft">Lines to fill in, one below the other</span>
          <textarea
            value={text}
            rows={5}
            onChange={(event) => write({ text: event.target.value })}
            placeholder={"##.# - #.##\n### - ##.#"}
            className="mt-1 w-full rounded-lg border border-edge bg-page p-2 font-board text-lead"
          />
        </label>
        <p className="mt-1 text-note leading-snug text-soft">
          Each <span className="font-board text-ink">#</span> becomes a digit;{" "}
          <span className="font-board text-ink">%12</span> a whole number below 12;{" "}
          <span className="font-board text-ink">@1</span> the same digit wherever it stands;{" "}
          <span className="font-board text-ink">$$</span> the sign of your money. All else is a problem as you
          type it, with points: <span className="font-board text-ink">#/# + #/#</span>,{" "}
          <span className="font-board text-ink">$$#.## × %9</span>,{" "}
          <span className="font-board text-ink">round #.### to tenths</span>.
        </p>
        <Choose
          name="Its strand"
          of={STRANDS.map((id) => ({ id, name: STRAND_NAMES[id] }))}
          chosen={strand}
          onChoose={(to) => write({ strand: to })}
        />
        <RungWishes traits={shown?.traits ?? []} always={always} never={never} onWish={write} />
        {/* Above the buttons: below them it would be out of sight just when one of them was pressed. */}
        <div className="mt-4">
          <SaveStatus saving={saving} onChoose={choose} onBringBack={bringBack} />
        </div>
        <div className="mt-2 flex flex-wrap gap-2">
          <Button look="main" type="submit" disabled={!ready}>
            Keep this rung
          </Button>
          {revision !== undefined && (
            <Button look="quiet" onClick={() => void takeOff()}>
              Take it off the ladder
            </Button>
          )}
          <PlaceLink href={ROUTES.sheets} look="quiet">
            Back to the ladder
          </PlaceLink>
        </div>
      </form>
      <Samples shown={shown} message={message || refused} />
    </div>
  );
}
