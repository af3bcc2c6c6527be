"use client";

import { Pencil, UserMinus } from "lucide-react";
import { useRouter } from "next/navigation";
import { type ReactElement, useState, useTransition } from "react";
import { cleanName, LONGEST_NAME } from "@/core/marking";
import { API_ROUTES } from "@/service/apiRoutes";
import { ROUTES } from "@/service/routes";
import { newId } from "../ids";
import { Button } from "../parts/Button";
import { PlaceLink } from "../parts/PlaceLink";
import { Screen } from "../parts/Screen";
import { useOtherWindows } from "../saving/otherWindows";
import { send } from "../saving/wire/send";

/** A learner on the list, with how much of their work is kept and what shows most in it. */
export interface ListedLearner {
  readonly id: string;
  readonly name: string;
  readonly answers: number;
  readonly revision: number;
  /** The pattern that showed most steadily; none where none did. */
  readonly pattern: string | undefined;
}

/** The list of learners. A first name or initials is all that is asked. */
export function LearnersScreen({ learners }: { readonly learners: readonly ListedLearner[] }): ReactElement {
  const [typed, setTyped] = useState("");
  const [renaming, setRenaming] = useState<string | undefined>();
  const [removed, setRemoved] = useState<ListedLearner | undefined>();
  const [failed, setFailed] = useState("");
  const [working, start] = useTransition();
  const router = useRouter();
  useOtherWindows(() => router.refresh());
  /** Sends what is to be done, and shows the list as it is then. */
  const run = (address: string, body: object, onKept?: () => void): void =>
    start(async () => {
      const kept = await send(address, "POST", body);
      setFailed(kept.ok ? "" : kept.error.message);
      if (kept.ok) onKept?.();
      router.refresh();
    });
  return (
    <Screen>
      <div className="mx-auto max-w-[760px]">
        <h1 className="text-head font-semibold">Learners</h1>
        <p className="mt-1 text-soft">
          A first name or initials is enough, and all that is ever asked. It stays on this machine.
        </p>
        <form
          className="mt-5 flex max-w-[480px] gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            const name = cleanName(typed);
            if (name === "") return;
            run(API_ROUTES.addLearner, { id: newId(), name }, () => setTyped(""));
          }}
        >
          <input
            value={typed}
            maxLength={LONGEST_NAME}
            aria-label="Name of a new learner"
            autoComplete="off"
            placeholder="First name or initials"
            onChange={(event) => setTyped(event.target.value)}
            className="h-12 min-w-0 flex-1 rounded-xl border border-edge bg-page px-4 placeholder:text-soft"
          />
          <Button look="main" type="submit" disabled={working}>
            Add
          </Button>
        </form>
        <p role="status" className="mt-2 min-h-6 text-note">
          {failed !== "" && <span className="text-rust">{failed}</span>}
          {removed && failed === "" && (
            <span>
              {removed.name} is off the list; their work is kept.{" "}
              <Button
                look="words"
                onClick={() => {
                  run(API_ROUTES.aboutLearner(removed.id), { act: "restore" });
                  setRemoved(undefined);
                }}
              >
                Undo
              </Button>
            </span>
          )}
        </p>
        {learners.length === 0 ? (
          <p className="mt-2 leading-relaxed text-soft">
            Nobody is on the list yet. Whoever you name here, or on a sheet you mark, is remembered with what
            they did.
          </p>
        ) : (
          <ul className="mt-2 rounded-2xl border border-edge bg-page">
            {learners.map((learner) => (
              <li
                key={learner.id}
                className="flex min-h-16 items-center gap-3 border-t border-edge px-4 first:border-t-0"
              >
                {renaming === learner.id ? (
                  <RenameForm
                    start={learner.name}
                    onDone={(name) => {
                      setRenaming(undefined);
                      if (name !== undefined && name !== learner.name)
                        run(API_ROUTES.aboutLearner(learner.id), {
                          act: "rename",
                          name,
                          saw: learner.revision,
                        });
                    }}
                  />
                ) : (
                  <PlaceLink href={ROUTES.learner(learner.id)} className="min-w-0 flex-1 py-2">
                    <span className="block text-body font-semibold">{learner.name}</span>
                    <span className="block text-note text-soft">
                      {learner.answers === 0
                        ? "Nothing marked yet"
                        : `${learner.answers} ${learner.answers === 1 ? "answer" : "answers"}`}
                      {learner.pattern && `; most steadily: ${learner.pattern}`}
                    </span>
                  </PlaceLink>
                )}
                <Button
                  look="sign"
                  aria-label={`Rename ${learner.name}`}
                  title="Rename"
                  onClick={() => setRenaming(learner.id)}
                  className="shrink-0"
                >
                  <Pencil aria-hidden="true" className="size-[18px]" />
                </Button>
                <Button
                  look="sign"
                  aria-label={`Take ${learner.name} off the list`}
                  title="Take off the list"
                  onClick={() => {
                    setRemoved(learner);
                    run(API_ROUTES.aboutLearner(learner.id), { act: "remove" });
                  }}
                  className="shrink-0"
                >
                  <UserMinus aria-hidden="true" className="size-[18px]" />
                </Button>
              </li>
            ))}
          </ul>
        )}
      </div>
    </Screen>
  );
}

function RenameForm({
  start,
  onDone,
}: {
  readonly start: string;
  readonly onDone: (name: string | undefined) => void;
}): ReactElement {
  const [name, setName] = useState(start);
  return (
    <form
      className="flex min-w-0 flex-1 gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        onDone(name.trim() === "" ? undefined : name.trim());
      }}
    >
      <input
        // biome-ignore lint/a11y/noAutofocus: the field stands where its button was pressed
        autoFocus
        value={name}
        maxLength={LONGEST_NAME}
        aria-label="New name"
        onChange={(event) => setName(event.target.value)}
        onKeyDown={(event) => event.key === "Escape" && onDone(undefined)}
        className="h-11 min-w-0 flex-1 rounded-lg border border-edge bg-page px-3"
      />
      <Button look="words" type="submit">
        Keep
      </Button>
    </form>
  );
}
