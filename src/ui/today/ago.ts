const DAY = 24 * 60 * 60 * 1000;

/** When something was, as one would say it: "just now", "20 minutes ago", "yesterday", "on 3 March 2026". */
export function ago(then: Date, now: Date): string {
  const passed = now.getTime() - then.getTime();
  const words = new Intl.RelativeTimeFormat("en", { numeric: "auto" });
  if (passed < 60_000) return "just now";
  if (passed < DAY / 24) return words.format(-Math.floor(passed / 60_000), "minute");
  if (passed < DAY) return words.format(-Math.floor(passed / (DAY / 24)), "hour");
  if (passed < 7 * DAY) return words.format(-Math.floor(passed / DAY), "day");
  return `on ${then.toLocaleDateString("en", { day: "numeric", month: "long", year: "numeric" })}`;
}
