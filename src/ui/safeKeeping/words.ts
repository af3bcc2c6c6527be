/** What a database holds, as the screen tells it. */
export interface ShownInside {
  readonly counts: {
    readonly boards: number;
    readonly learners: number;
    readonly sheets: number;
    readonly answers: number;
  };
  /** When the last answer was kept, in words. */
  readonly lastAnswer: string | undefined;
  readonly learners: readonly string[];
}

/** The kinds of things that are counted, with their names for one and for more. */
export const KINDS = [
  ["boards", "board", "boards"],
  ["learners", "learner", "learners"],
  ["sheets", "sheet", "sheets"],
  ["answers", "answer", "answers"],
] as const;

const number = (count: number): string => count.toLocaleString("en");

/** "11 boards, 4 learners, 2 sheets and 38 answers are kept." */
export function insideInWords({ counts }: ShownInside): string {
  const parts = KINDS.map(
    ([kind, one, many]) => `${number(counts[kind])} ${counts[kind] === 1 ? one : many}`,
  );
  return `${parts.slice(0, -1).join(", ")} and ${parts.at(-1)} are kept.`;
}

/** "less than 0.1 MB", "3.4 MB". */
export const bytesInWords = (bytes: number): string =>
  bytes < 50_000
    ? "less than 0.1 MB"
    : `${(bytes / 1_000_000).toLocaleString("en", { maximumFractionDigits: 1 })} MB`;

/** "27 November 2026, 19:30". */
export const timeInWords = (at: Date): string =>
  at.toLocaleString("en-GB", {
    day: "numeric",
    month: "long",
    year: "numeric",
    hour: "2-digit",
    minute: "2-digit",
  });

/** A backup that is looked into: what is in it; none where it is damaged. */
export interface LookedInto {
  readonly name: string;
  readonly inside: ShownInside | undefined;
}
