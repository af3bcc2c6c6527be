import type { ReactElement } from "react";
import { API_ROUTES } from "@/service/apiRoutes";
import type { Unread } from "@/service/kept/unread";
import { ROUTES } from "@/service/routes";
import { LOOKS } from "../parts/looks";
import { Screen } from "../parts/Screen";
import { BackUpNow, CheckNow, ImportFromFile, SignOut } from "./ActButtons";
import { BackupList, type ShownBackup } from "./BackupList";
import { ActsToldAbove } from "./LongActs";
import { LookInside } from "./LookInside";
import { SetAside } from "./SetAside";
import { bytesInWords, insideInWords, type LookedInto, type ShownInside } from "./words";

/** Safe keeping: what is kept and where, its backups, and the ways in and out of everything as one file. */
export function SafeKeepingScreen({
  folder,
  backups,
  now,
  looked,
  bytes,
  damage,
  isMissing,
  readOnly,
  unread,
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
  /** Whether the file that is in use was moved away. */
  readonly isMissing: boolean;
  readonly readOnly: boolean;
  /** What is kept and can't be read here. */
  readonly unread: readonly Unread[];
  /** Whether others on the network can reach this server. */
  readonly beyond: boolean;
}): ReactElement {
  return (
    <Screen>
      <div className="mx-auto max-w-[860px]">
        <ActsToldAbove
          above={
            <>
              <h1 className="text-head font-semibold">Safe keeping</h1>
              <p className="mt-1 text-soft">{insideInWords(now)}</p>
              {damage !== undefined && (
                <p role="alert" className="mt-4 rounded-xl border border-rust px-5 py-3 leading-snug">
                  <strong className="text-rust">The data file was found damaged.</strong> Nothing more is
                  written to it. Export what can be read, then restore a backup below; the damaged file is
                  moved aside and kept. <span className="text-soft">The check said: {damage}</span>
                </p>
              )}
              {isMissing && (
                <p role="alert" className="mt-4 rounded-xl border border-rust px-5 py-3 leading-snug">
                  <strong className="text-rust">The data file is no longer in its folder.</strong> Nothing
                  more is written. Put it back and check it again, or restore a backup below.
                </p>
              )}
              {readOnly && damage === undefined && !isMissing && (
                <p role="status" className="mt-4 rounded-xl border border-edge px-5 py-3">
                  The data was opened to be read alone. Start Right Sum without <code>--read-only</code> to go
                  on.
                </p>
              )}
            </>
          }
        >
          <section aria-labelledby="backups">
            <div className="flex flex-wrap items-baseline justify-between gap-3">
              <h2 id="backups" className="text-lead font-semibold">
                Backups
              </h2>
              <BackUpNow readOnly={readOnly} />
            </div>
            <p className="mt-1 max-w-[66ch] text-note leading-snug text-soft">
              One is made each day that Right Sum runs, before it is brought up to date, and before anything
              is restored or imported. Of the last 7 days, 4 weeks and 12 months the newest each is kept, for
              30 days those you asked for and those of before a restore or an import, and the last 5 in any
              case. Each was opened and checked after it was written.
            </p>
            {looked && (
              <LookInside
                looked={looked}
                now={now}
                when={backups.find(({ name }) => name === looked.name)?.when}
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
              <a href={API_ROUTES.exportFile} download className={LOOKS.edged}>
                Export everything
              </a>
              <ImportFromFile readOnly={readOnly} />
            </div>
          </section>

          <SetAside entries={unread} />

          <section aria-labelledby="where" className="mt-9">
            <h2 id="where" className="text-lead font-semibold">
              Where it is
            </h2>
            <p className="mt-1 text-note wrap-anywhere text-soft">{folder}</p>
            <p className="mt-1 text-note">
              The data takes {bytesInWords(bytes.data)}, its backups {bytesInWords(bytes.backups)}.
            </p>
            <div className="mt-3 flex flex-wrap items-center gap-x-5 gap-y-2">
              <CheckNow />
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
                <SignOut address={ROUTES.signOut} words="Sign out here" />
                <SignOut address={ROUTES.signOutEverywhere} words="Sign out everywhere" />
              </div>
            </section>
          )}
        </ActsToldAbove>
      </div>
    </Screen>
  );
}
