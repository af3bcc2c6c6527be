"use client";

import { type ReactElement, Suspense, useRef, useState } from "react";
import type { HouseRules } from "@/core/house";
import type { PatternChoice, WrongWay } from "@/core/learnerTask";
import { plain, stretches } from "@/core/wording";
import { ROUTES } from "@/service/routes";
import { wrongWayAddress } from "@/service/wrongWayAddress";
import { RunBar } from "../board/controls/RunBar";
import { LazyPicture } from "../board/lazy";
import { usePlay } from "../board/running/usePlay";
import { Aside } from "../parts/Aside";
import { PlaceLink } from "../parts/PlaceLink";
import { useListening } from "../parts/useListening";
import { isBare, useShortcuts } from "../shortcuts";
import { WayPaper } from "./TwoWays";

const PACE = 2;

/** The keys of the two boards, as on the Board. */
const MOVES: Readonly<Record<string, "next" | "back" | "first" | "last" | "play">> = {
  ArrowRight: "next",
  ArrowLeft: "back",
  Home: "first",
  End: "last",
  " ": "play",
};

/** The tempting wrong way, step by step beside the sound one, with what gives it away. */
export function WrongWayScreen({
  way,
  choices,
  house,
  boardAddress,
}: {
  readonly way: WrongWay;
  readonly choices: readonly PatternChoice[];
  readonly house: HouseRules;
  /** The address of the sound working on the Board. */
  readonly boardAddress: string;
}): ReactElement {
  const last = way.wrong.steps.length;
  const [step, setStep] = useState(way.departs);
  const goTo = (to: number): void => setStep(Math.min(Math.max(1, to), last));
  const move = useRef((by: number) => setStep((now) => Math.min(Math.max(1, now + by), last))).current;
  const play = usePlay(step, last, PACE, move);
  const listening = useListening();
  useShortcuts((event) => {
    const act = isBare(event) ? MOVES[event.key] : undefined;
    if (act === "play") play.setPlaying(!play.playing);
    else if (act !== undefined) goTo({ next: step + 1, back: step - 1, first: 1, last }[act]);
    return act !== undefined;
  });

  const here = way.wrong.steps[step - 1];
  // The sound way keeps pace, and is done when the wrong one is.
  const beside = step === last ? way.sound.steps.length : Math.min(step, way.sound.steps.length);
  const departed = step >= way.departs;
  return (
    <div className="print:block print:h-auto grid h-full grid-cols-[minmax(0,1fr)] grid-rows-[auto_minmax(0,1fr)_auto]">
      <header className="flex flex-wrap items-center gap-x-5 gap-y-2 px-6 pt-4 pb-2 max-[700px]:gap-x-3 max-[700px]:px-3 max-[700px]:pt-1 max-[700px]:pb-0">
        <h1 className="text-title font-semibold max-[700px]:text-body">The wrong way</h1>
        <p className="font-board text-title text-soft max-[700px]:text-body">{way.line}</p>
        <PlaceLink href={boardAddress} look="words" className="print:hidden ml-auto">
          Back to the board
        </PlaceLink>
      </header>
      <main
        aria-busy={!listening}
        className="grid min-h-0 grid-cols-[minmax(0,1fr)_320px] max-[1000px]:grid-cols-1 max-[1000px]:grid-rows-[minmax(0,1fr)_auto]"
      >
        <div className="grid min-h-0 min-w-0 grid-cols-2 max-[700px]:grid-cols-1 max-[700px]:overflow-auto">
          <WayPaper
            way={way.wrong}
            shown={step}
            wrongAt={departed ? way.departs : 0}
            title="As it went"
            note={way.wrong.answer}
            house={house}
            label={`The wrong way, ${step} of ${last} steps, ending in ${way.wrong.answer}`}
          />
          <WayPaper
            way={way.sound}
            shown={beside}
            wrongAt={undefined}
            title={way.method}
            note={way.sound.answer}
            house={house}
            label={`The sound way, ${beside} of ${way.sound.steps.length} steps, ending in ${way.sound.answer}`}
          />
        </div>
        <Aside className="flex flex-col gap-4 print:overflow-visible py-4 pr-6 pl-2 max-[1000px]:max-h-[40vh] max-[1000px]:px-8 max-[700px]:max-h-[24vh] max-[700px]:gap-2 max-[700px]:px-4 max-[700px]:py-1">
          {way.patterns.map(({ name, does }) => (
            <section key={name}>
              <h2 className="text-lead leading-tight font-semibold text-rust">{name}</h2>
              <p className="mt-1 text-note leading-normal">{does}</p>
            </section>
          ))}
          <section aria-label="At this step">
            <h2 className="text-small text-soft">
              {step === way.departs
                ? "Here it leaves the sound way"
                : departed
                  ? "Then"
                  : "So far as it should be"}
            </h2>
            <p className="mt-1 text-body leading-snug">
              {here &&
                stretches(here.say).map(({ text, marked }, index) =>
                  marked ? (
                    // biome-ignore lint/suspicious/noArrayIndexKey: the stretches of a line never change their order
                    <strong key={index}>{text}</strong>
                  ) : (
                    text
                  ),
                )}
            </p>
          </section>
          {(way.estimate ?? way.undoing) !== undefined && (
            <section>
              <h2 className="text-small text-soft">What gives it away</h2>
              {way.estimate && <p className="mt-1 text-straw">{way.estimate}</p>}
              {way.undoing && <p className="mt-1 text-straw">{way.undoing}</p>}
            </section>
          )}
          <section>
            <h2 className="text-small text-soft">What helps</h2>
            {way.patterns.map(({ remedy }) => (
              <p key={remedy} className="mt-1">
                {remedy}
              </p>
            ))}
            {way.picture && (
              <div className="mt-2 max-w-72">
                <Suspense>
                  <LazyPicture picture={way.picture} house={house} />
                </Suspense>
              </div>
            )}
          </section>
          {way.separating && (
            <section>
              <h2 className="text-small text-soft">To tell it from “{way.separating.from}”, set</h2>
              <p className="mt-1 text-note">
                <span className="font-board text-body">{way.separating.line}</span>:{" "}
                <span className="font-board">{way.separating.answers[0]}</span> would speak for this way,{" "}
                <span className="font-board">{way.separating.answers[1]}</span> for that one.
              </p>
              <p className="flex flex-wrap items-center gap-x-4 print:hidden">
                <PlaceLink
                  href={wrongWayAddress(way.separating.line, house).replace(ROUTES.wrongWay, ROUTES.yourTurn)}
                  look="words"
                >
                  Your turn
                </PlaceLink>
                <PlaceLink
                  href={wrongWayAddress(way.separating.line, house, way.separating.patterns)}
                  look="words"
                >
                  The wrong way
                </PlaceLink>
              </p>
            </section>
          )}
          {choices.length > 1 && (
            <nav aria-label="Other wrong ways">
              <h2 className="text-small text-soft">Other wrong ways here</h2>
              <ul className="mt-1">
                {choices.map(({ name, answer, patterns }) => (
                  <li key={patterns.join()}>
                    <PlaceLink
                      href={wrongWayAddress(way.line, house, patterns)}
                      className="grid min-h-9 grid-cols-[minmax(0,1fr)_auto] items-center gap-3 rounded px-1 hover:bg-shade"
                    >
                      <span className="text-note leading-tight">{name}</span>
                      <span className="font-board text-soft">{answer}</span>
                    </PlaceLink>
                  </li>
                ))}
              </ul>
            </nav>
          )}
        </Aside>
      </main>
      <footer className="px-6 pt-1 pb-4 print:hidden">
        <RunBar
          steps={way.wrong.steps}
          step={step}
          departs={way.departs}
          house={house}
          spoken={here ? plain(here.say) : ""}
          playing={play.playing}
          pace={PACE}
          onGoTo={(to) => {
            play.setPlaying(false);
            goTo(to);
          }}
          onPlay={() => play.setPlaying(!play.playing)}
          onPace={undefined}
        />
      </footer>
      <p aria-live="polite" className="sr-only">
        {here && `Step ${step} of ${last}. ${plain(here.say)}`}
      </p>
    </div>
  );
}
