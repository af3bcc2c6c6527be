"use client";

import { SlidersHorizontal } from "lucide-react";
import { Popover } from "radix-ui";
import type { ReactElement, ReactNode } from "react";
import type { GivenPart } from "@/core/learnerTask";
import { PlaceLink } from "../../parts/PlaceLink";
import { GIVEN_NAMES } from "../givenNames";
import type { Feedback } from "../state/useTaskSetting";

/** When a learner is told about a wrong mark. */
const FEEDBACK = [
  { id: "eachMark", name: "At each mark" },
  { id: "eachStage", name: "When it is checked" },
  { id: "atEnd", name: "At the end" },
  { id: "none", name: "None: a test" },
] as const satisfies readonly { readonly id: Feedback; readonly name: string }[];

/** Where the paper is set in another way. */
export interface TurnAddresses {
  readonly board: string;
  readonly parts: Readonly<Record<GivenPart, string>>;
  readonly methods: readonly { readonly id: string; readonly name: string; readonly address: string }[];
}

/** What is the tutor's to set, folded away while a learner works. */
export function TaskSettings({
  part,
  method,
  feedback,
  learner,
  learners,
  addresses,
  onFeedback,
  onLearner,
  onClosed,
}: {
  readonly part: GivenPart;
  /** The method that is fixed; empty where any sound one will do. */
  readonly method: string;
  readonly feedback: Feedback;
  readonly learner: string;
  readonly learners: readonly { readonly id: string; readonly name: string }[];
  readonly addresses: TurnAddresses;
  readonly onFeedback: (feedback: Feedback) => void;
  readonly onLearner: (id: string) => void;
  readonly onClosed: () => void;
}): ReactElement {
  return (
    <Popover.Root>
      <Popover.Trigger
        aria-label="How it is set"
        className="flex h-11 items-center gap-2 rounded-lg px-3 font-semibold text-plumb hover:bg-shade data-[state=open]:bg-shade"
      >
        <SlidersHorizontal aria-hidden="true" className="size-5" />
        <span className="max-[700px]:hidden">How it is set</span>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          aria-label="How it is set"
          align="end"
          sideOffset={6}
          collisionPadding={12}
          // The keys write on the paper again, and do not open this anew.
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            onClosed();
          }}
          className="z-30 grid max-h-(--radix-popover-content-available-height) w-[min(600px,94vw)] grid-cols-2 gap-x-5 gap-y-4 overflow-y-auto rounded-xl border border-edge bg-page p-4 shadow-sheet outline-none max-[500px]:grid-cols-1"
        >
          <Group name="Given">
            {(["blank", "setOut", "oneMissing", "allButAnswer"] as const).map((id) => (
              <PlaceLink
                key={id}
                href={addresses.parts[id]}
                aria-current={id === part ? "true" : undefined}
                className={CHOICE}
              >
                {GIVEN_NAMES[id]}
              </PlaceLink>
            ))}
          </Group>
          <Group name="Feedback">
            {FEEDBACK.map(({ id, name }) => (
              <button
                key={id}
                type="button"
                aria-pressed={id === feedback}
                onClick={() => onFeedback(id)}
                className={CHOICE}
              >
                {name}
              </button>
            ))}
          </Group>
          <Group name="Method">
            {addresses.methods.map(({ id, name, address }) => (
              <PlaceLink
                key={id}
                href={address}
                aria-current={id === method ? "true" : undefined}
                className={CHOICE}
              >
                {name}
              </PlaceLink>
            ))}
          </Group>
          <Group name="Whose work is it?">
            {[{ id: "", name: "Nobody’s: it is not kept" }, ...learners].map(({ id, name }) => (
              <button
                key={id}
                type="button"
                aria-pressed={id === learner}
                onClick={() => onLearner(id)}
                className={CHOICE}
              >
                {name}
              </button>
            ))}
          </Group>
          <PlaceLink href={addresses.board} look="words">
            To the board
          </PlaceLink>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

const CHOICE =
  "flex min-h-11 w-full items-center rounded-lg border-l-4 border-transparent px-3 py-1.5 text-left leading-tight hover:bg-shade aria-[current=true]:border-plumb aria-[current=true]:font-semibold aria-pressed:border-plumb aria-pressed:font-semibold";

const Group = ({ name, children }: { readonly name: string; readonly children: ReactNode }): ReactElement => (
  <fieldset className="min-w-0">
    <legend className="text-small text-soft">{name}</legend>
    <div className="mt-1 max-h-64 overflow-y-auto">{children}</div>
  </fieldset>
);
