import type { ReactElement } from "react";
import { ROUTES } from "@/service/routes";
import { bytesInWords } from "./words";

/** A backup as it is listed. */
export interface ShownBackup {
  readonly name: string;
  /** When it was made, in words. */
  readonly when: string;
  readonly reason: "daily" | "asked" | "migration" | "restore" | "import";
  readonly bytes: number;
}

const REASONS: Readonly<Record<ShownBackup["reason"], string>> = {
  daily: "made by itself, for the day",
  asked: "made when you asked",
  migration: "before it was brought up to date",
  restore: "before something was restored",
  import: "before something was imported",
};

/** The backups, the newest first; each can be looked into before anything is restored. */
export function BackupList({
  backups,
  looked,
}: {
  readonly backups: readonly ShownBackup[];
  readonly looked: string | undefined;
}): ReactElement {
  if (backups.length === 0)
    return <p className="mt-3 text-soft">There is none yet. The first is made when something is kept.</p>;
  return (
    <ul className="mt-3 rounded-2xl border border-edge bg-page">
      {backups.map(({ name, when, reason, bytes }) => (
        <li
          key={name}
          className="flex min-h-14 flex-wrap items-center gap-x-4 border-t border-edge px-4 py-1.5 first:border-t-0"
        >
          <span className="min-w-0 flex-1">
            <span className="block">{when}</span>
            <span className="block text-small text-soft">
              {REASONS[reason]}, {bytesInWords(bytes)}
            </span>
          </span>
          <a
            href={`${ROUTES.safeKeeping}?look=${encodeURIComponent(name)}`}
            aria-current={looked === name ? "true" : undefined}
            aria-label={`Look inside the backup of ${when}`}
            className="inline-grid min-h-11 items-center font-semibold text-plumb aria-[current=true]:text-soft"
          >
            Look inside
          </a>
        </li>
      ))}
    </ul>
  );
}
