"use client";

import { type ReactElement, useState } from "react";
import { TRAITS, type TraitId } from "@/core/features";
import { choicesOf, type HouseRules } from "@/core/house";
import { type OwnRung, STRANDS } from "@/core/sheets";
import { STRAND_NAMES, TRAIT_NAMES } from "@/core/wording";
import { ROUTES } from "@/service/routes";
import { Button } from "../parts/Button";
import { PlaceLink, useNavigateAfterSaving } from "../parts/PlaceLink";
import { send } from "../saving/wire/send";
import { useAsked } from "../saving/wire/useAsked";
import { VIEWS } from "../saving/wire/views";
import { Choose } from "./editor/acts/Panel";

/** How long after the last change the samples are drawn anew. */
const PAUSE = 350;

const WISHES = [
  { id: "any", name: "As it comes" },
  { id: "always", name: "Always" },
  { id: "never", name: "Never" },
] as const;

/** A rung made or adjusted by the tutor: its lines and wishes, with samples and how many fillings fit alongside. */
export function RungEditor({
  start,
  isKept,
  house,
}: {
  readonly start: OwnRung;
  /** Whether it stands on the ladder already. */
  readonly isKept: boolean;
  readonly house: HouseRules;
}): ReactElement {
  const go = useNavigateAfterSaving();
  const [name, setName] = useState(start.name);
  const [strand, setStrand] = useState(start.strand);
  const [text, setText] = useState(start.lines.join("\n"));
  const [always, setAlways] = useState<readonly TraitId[]>(start.always);
  const [never, setNever] = useState<readonly TraitId[]>(start.never);
  const [message, setMessage] = useState("");
  const lines = text
    .split("\n")
    .map((line) => line.trim())
    .filter((line) => line !== "");
  const asked = JSON.stringify({ lines, always, never, house: choicesOf(house) });
  const { shown, message: refused } = useAsked(VIEWS.ownSamples, ROUTES.ownSamples, asked, PAUSE);
  const wishOf = (trait: TraitId): (typeof WISHES)[number]["id"] =>
    always.includes(trait) ? "always" : never.includes(trait) ? "never" : "any";
  const wish = (trait: TraitId, to: (typeof WISHES)[number]["id"]): void => {
    const without = (all: readonly TraitId[]): readonly TraitId[] => all.filter((one) => one !== trait);
    setAlways(to === "always" ? [...without(always), trait] : without(always));
    setNever(to === "never" ? [...without(never), trait] : without(never));
  };
  const traits = TRAITS.map(({ id }) => id).filter(
    (id) => shown?.traits.includes(id) || wishOf(id) !== "any",
  );
  const keep = async (): Promise<void> => {
    const rung = { id: start.id, name: name.trim(), strand, lines, always, never };
    const back = await send(ROUTES.ownRungs, "PUT", rung);
    if (back.ok) go(ROUTES.ownSheet(start.id));
    else setMessage(back.error.message);
  };
  const takeOff = async (): Promise<void> => {
    const back = await send(ROUTES.ownRungs, "PUT", { id: start.id });
    if (back.ok) go(ROUTES.sheets);
    else setMessage(back.error.message);
  };
  const ready = name.trim() !== "" && lines.length > 0 && shown !== undefined && shown.fit > 0;
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,340px)] gap-x-10 gap-y-6 max-[1000px]:grid-cols-1">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (ready) void keep();
        }}
      >
        <label className="block">
          <span className="text-small text-soft">Its name</span>
          <input
            value={name}
            maxLength={80}
            onChange={(event) => setName(event.target.value)}
            className="mt-1 h-11 w-full rounded-lg border border-edge bg-page px-3"
          />
        </label>
        <label className="mt-3 block">
          <span className="text-small text-soft">Lines to fill in, one below the other</span>
          <textarea
            value={text}
            rows={5}
            onChange={(event) => setText(event.target.value)}
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
          onChoose={setStrand}
        />
        {traits.map((trait) => (
          <Choose
            key={trait}
            name={TRAIT_NAMES[trait]}
            of={WISHES}
            chosen={wishOf(trait)}
            onChoose={(to) => wish(trait, to)}
          />
        ))}
        <div className="mt-4 flex flex-wrap gap-2">
          <Button look="main" type="submit" disabled={!ready}>
            Keep this rung
          </Button>
          {isKept && (
            <Button look="quiet" onClick={() => void takeOff()}>
              Take it off the ladder
            </Button>
          )}
          <PlaceLink href={ROUTES.sheets} look="quiet">
            Back to the ladder
          </PlaceLink>
        </div>
      </form>
      <section aria-label="Samples">
        <h2 className="text-body font-semibold">Samples</h2>
        <p role="status" className="mt-1 text-note">
          {message !== "" || refused !== "" ? (
            <span className="text-rust">{message || refused}</span>
          ) : shown === undefined ? (
            <span className="text-soft">Drawing…</span>
          ) : (
            `Of ${shown.tried.toLocaleString("en")} drawn, ${shown.fit} fit.`
          )}
        </p>
        {shown?.unread.map(({ line, message: why }) => (
          <p key={line} className="mt-1 text-note text-rust">
            <span className="font-board">{line}</span>: {why}
          </p>
        ))}
        <ol className="mt-2">
          {shown?.samples.map(({ problem, answer }) => (
            <li
              key={problem}
              className="flex justify-between gap-4 border-b border-edge py-1.5 font-board text-lead"
            >
              <span>{problem}</span>
              <span className="text-straw">{answer}</span>
            </li>
          ))}
        </ol>
      </section>
    </div>
  );
}
