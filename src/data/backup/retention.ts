import {
  differenceInCalendarDays,
  differenceInCalendarISOWeeks,
  differenceInCalendarMonths,
  format,
} from "date-fns";
import type { BackupReason } from "./backupFiles";

/** How many backups are kept: the newest of each of so many days, weeks and months, the last few whatever their day, and for so many days what was asked for and what was made before something took the place of all. */
export const KEPT = { last: 5, days: 7, weeks: 4, months: 12, wantedDays: 30 } as const;

/** The reasons of backups that somebody means to find again. */
const WANTED: ReadonlySet<BackupReason> = new Set(["asked", "restore", "import"]);

/**
 * Which of some backups are kept, by the time each was made and why: the newest ones, the newest of each of the
 * last 7 days, 4 weeks and 12 months, and those of 30 days that are wanted. The others may go.
 */
export function keptOf<Backup extends { readonly at: Date; readonly reason: BackupReason }>(
  backups: readonly Backup[],
  now: Date,
): readonly Backup[] {
  const newestFirst = [...backups].sort((a, b) => b.at.getTime() - a.at.getTime());
  const firstOfEach = (nameOf: (at: Date) => string, ago: (at: Date) => number, most: number) => {
    const seen = new Set<string>();
    return newestFirst.filter(({ at }) => {
      const name = nameOf(at);
      if (ago(at) >= most || seen.has(name)) return false;
      seen.add(name);
      return true;
    });
  };
  const kept = new Set([
    ...newestFirst.slice(0, KEPT.last),
    ...newestFirst.filter(
      ({ at, reason }) => WANTED.has(reason) && differenceInCalendarDays(now, at) < KEPT.wantedDays,
    ),
    ...firstOfEach(
      (at) => format(at, "yyyy-MM-dd"),
      (at) => differenceInCalendarDays(now, at),
      KEPT.days,
    ),
    ...firstOfEach(
      (at) => format(at, "RRRR-II"),
      (at) => differenceInCalendarISOWeeks(now, at),
      KEPT.weeks,
    ),
    ...firstOfEach(
      (at) => format(at, "yyyy-MM"),
      (at) => differenceInCalendarMonths(now, at),
      KEPT.months,
    ),
  ]);
  return newestFirst.filter((backup) => kept.has(backup));
}
