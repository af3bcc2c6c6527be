"use client";

import { useRouter } from "next/navigation";
import { type ReactElement, useRef, useState, useTransition } from "react";
import { ROUTES } from "@/service/routes";
import { Button } from "../parts/Button";
import { LOOKS } from "../parts/looks";
import { Screen } from "../parts/Screen";
import { useOtherWindows } from "../saving/otherWindows";
import { ask } from "../saving/wire/ask";
import { messageIn, send } from "../saving/wire/send";
import { VIEWS } from "../saving/wire/views";
import { BackupList, type ShownBackup } from "./BackupList";
import { LookInside } from "./LookInside";
import { bytesInWords, insideInWords, type LookedInto, type ShownInside } from "./words";

/** Safe keeping: what is kept and where, its backups, and the ways in and out of everything as one file. */
export function SafeKeepingScreen({
  folder,
  backups,
  now,
  looked,
  bytes,
  damage,
  readOnly,
  beyond,
}: {
  readonly folder: string;
  readonly backups: readonly ShownBackup[];
  /** What is kept now. */
  readonly now: ShownInside;
  readonly looked: LookedInto | undefined;
  readonly bytes: { readonly data: number; readonly backups: number };
  /** What the last check found wrong; none where the data is sound. */
  readonly damage: string | undefined;
  readonly readOnly: boolean;
  /** Whether others on the network can reach this server. */
  readonly beyond: boolean;
}): ReactElement {
  const router = useRouter();
  const [said, setSaid] = useState<{ readonly words: string; readonly failed: boolean } | undefined>();
  const [working, start] = useTransition();
  const [doing, setDoing] = useState("");
  useOtherWindows(() => router.refresh());
  const file = useRef<HTMLInputElement>(null);
  /** Does something that may take a while, and says what came of it. */
  const run = (
    words: string,
    act: () => Promise<{ readonly words: string; readonly failed: boolean }>,
  ): void => {
    setDoing(words);
    setSaid(undefined);
    start(async () => {
      setSaid(await act());
      router.refresh();
    });
  };
  const asked = async <Told,>(
    view: Parameters<typeof ask<Told>>[0],
    address: string,
    body: object,
    done: (told: Told) => string,
  ): Promise<{ readonly words: string; readonly failed: boolean }> => {
    const answer = await ask(view, address, "POST", body);
    return answer.ok
      ? { words: done(answer.value), failed: false }
      : { words: answer.error.message, failed: true };
  };
  const importFile = async (chosen: File): Promise<{ readonly words: string; readonly failed: boolean }> => {
    try {
      const answer = await fetch(ROUTES.importFile, {
        method: "POST",
        headers: { "content-type": "application/json" },
        body: chosen,
      });
      const told: unknown = await answer.json();
      const imported = answer.ok ? (await VIEWS.putInPlace()).safeParse(told) : undefined;
      return imported?.success
        ? { words: `Imported. What was here before is in the backup ${imported.data.before}.`, failed: false }
        : { words: messageIn(told) ?? "The file could not be imported.", failed: true };
    } catch {
      return { words: "Right Sum does not answer, so nothing was imported.", failed: true };
    }
  };
  const restored = (before: string): string => `Restored. What was here before is kept as ${before}.`;
  return (
    <Screen>
      <div className="mx-auto max-w-[860px]">
        <h1 className="text-head font-semibold">Safe keeping</h1>
        <p className="mt-1 text-soft">{insideInWords(now)}</p>
        {damage !== undefined && (
          <p role="alert" className="mt-4 rounded-xl border border-rust px-5 py-3 leading-snug">
            <strong className="text-rust">The data file was found damaged.</strong> Nothing more is written to
            it. Export what can be read, then restore a backup below; the damaged file is moved aside and
            kept. <span className="text-soft">The check said: {damage}</span>
          </p>
        )}
        {readOnly && damage === undefined && (
          <p role="status" className="mt-4 rounded-xl border border-edge px-5 py-3">
            The data was opened to be read alone. Start Right Sum without <code>--read-only</code> to go on.
          </p>
        )}
        <p role="status" className="mt-3 min-h-6 text-note">
          {working ? (
            <span className="text-soft">{doing}</span>
          ) : (
            said && <span className={said.failed ? "text-rust" : "text-plumb"}>{said.words}</span>
          )}
        </p>

        <section aria-labelledby="backups">
          <div className="flex flex-wrap items-baseline justify-between gap-3">
            <h2 id="backups" className="text-lead font-semibold">
              Backups
            </h2>
            <Button
              look="main"
              disabled={working || readOnly}
              onClick={() =>
                run("Backing up…", () =>
                  asked(
                    VIEWS.backedUp,
                    ROUTES.backUp,
                    {},
                    () => "Backed up, and the backup passed its check.",
                  ),
                )
              }
            >
              Back up now
            </Button>
          </div>
          <p className="mt-1 max-w-[66ch] text-note leading-snug text-soft">
            One is made each day that Right Sum runs, before it is brought up to date, and before anything is
            restored or imported. Of the last 7 days, 4 weeks and 12 months the newest each is kept, and the
            last 5 in any case. Each was opened and checked after it was written.
          </p>
          {looked && (
            <LookInside
              looked={looked}
              now={now}
              when={backups.find(({ name }) => name === looked.name)?.when}
              working={working}
              onRestore={(name) =>
                run("Restoring…", () =>
                  asked(VIEWS.putInPlace, ROUTES.restore, { name }, ({ before }) => restored(before)),
                )
              }
            />
          )}
          <BackupList backups={backups} looked={looked?.name} />
        </section>

        <section aria-labelledby="everything" className="mt-9">
          <h2 id="everything" className="text-lead font-semibold">
            Everything as one file
          </h2>
          <p className="mt-1 max-w-[66ch] text-note leading-snug text-soft">
            To keep elsewhere, or to move to another machine. An import takes the place of all that is here,
            whole or not at all; what was here is backed up before.
          </p>
          <div className="mt-3 flex flex-wrap gap-3">
            <a href={ROUTES.exportFile} download className={LOOKS.edged}>
              Export everything
            </a>
            <input
              ref={file}
              type="file"
              accept=".json,application/json"
              aria-label="Import from a file"
              className="sr-only"
              tabIndex={-1}
              onChange={(event) => {
                const chosen = event.target.files?.[0];
                event.target.value = "";
                if (chosen) run("Importing…", () => importFile(chosen));
              }}
            />
            <Button look="edged" disabled={working || readOnly} onClick={() => file.current?.click()}>
              Import from a file
            </Button>
          </div>
        </section>

        <section aria-labelledby="where" className="mt-9">
          <h2 id="where" className="text-lead font-semibold">
            Where it is
          </h2>
          <p className="mt-1 text-note wrap-anywhere text-soft">{folder}</p>
          <p className="mt-1 text-note">
            The data takes {bytesInWords(bytes.data)}, its backups {bytesInWords(bytes.backups)}.
          </p>
          <div className="mt-3 flex flex-wrap items-center gap-x-5 gap-y-2">
            <Button
              look="edged"
              disabled={working}
              onClick={() =>
                run("Checking all of it…", () =>
                  asked(VIEWS.soundness, ROUTES.check, {}, ({ sound }) =>
                    sound === true
                      ? "All of it was read and is sound."
                      : "The check found faults: see above.",
                  ),
                )
              }
            >
              Check it now
            </Button>
            <a href={ROUTES.licences} className={LOOKS.words}>
              Licences of what Right Sum is made with
            </a>
          </div>
        </section>

        {beyond && (
          <section aria-labelledby="others" className="mt-9">
            <h2 id="others" className="text-lead font-semibold">
              Others on the network
            </h2>
            <p className="mt-1 text-note text-soft">
              Whoever has the passphrase can read and change everything here. A sign-in ends after 12 hours.
            </p>
            <div className="mt-3 flex flex-wrap gap-3">
              {(
                [
                  ["Sign out here", ROUTES.signOut],
                  ["Sign out everywhere", ROUTES.signOutEverywhere],
                ] as const
              ).map(([words, address]) => (
                <Button
                  look="edged"
                  key={address}
                  onClick={async () => {
                    await send(address, "POST", {});
                    location.assign(ROUTES.today);
                  }}
                >
                  {words}
                </Button>
              ))}
            </div>
          </section>
        )}
      </div>
    </Screen>
  );
}
