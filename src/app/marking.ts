import "server-only";

import { choicesOf, type HouseRules } from "@/core/house";
import { readGiven, verdictOf } from "@/core/marking";
import { workingOf } from "@/core/methods";
import { readProblem, writeAnswer } from "@/core/problem";
import {
  type Answered,
  markedAnswer,
  type SlipId,
  sheetExplanations,
  showingsOn,
  slipFacts,
  type WrongWays,
  waysKept,
  waysTaken,
} from "@/core/slips";
import { givenErrorWords, readErrorWords } from "@/core/wording";
import {
  type Attempt,
  attemptsOnSheet,
  clearAttempt,
  type Data,
  historyOf,
  keepAttempt,
  type MarkingSheet,
} from "@/data";
import { newId } from "@/ui/ids";
import type { LearnerSummary, MarkedCell, SentCell, SheetRow } from "@/ui/marking/marks";

const kept = waysKept();

/** The wrong ways of a problem as typed, worked out once for a sheet; nothing where it does not read. */
function waysOf(line: string, house: HouseRules): WrongWays | undefined {
  const problem = readProblem(line, house);
  return problem.ok ? kept(`${JSON.stringify(choicesOf(house))} ${line}`, problem.value, house) : undefined;
}

/** The rows of a sheet with their right answers; a row that does not read says so in place of it. */
export const rowsOf = ({ problems, house }: Pick<MarkingSheet, "problems" | "house">): readonly SheetRow[] =>
  problems.map((problem) => {
    const read = readProblem(problem, house);
    return {
      problem,
      right: read.ok ? writeAnswer(workingOf(read.value, house).answer, house) : "",
    };
  });

/** Marks an answer on a sheet and keeps it; an empty one is taken back. */
export function markCell(data: Data, sheet: MarkingSheet, sent: SentCell, now: Date): MarkedCell {
  const { row, learner, given } = sent;
  const note = sent.note ?? "";
  const blank = { row, learner, given, faults: [], slips: [], chosen: false, note, explanations: [] };
  if (given.trim() === "") {
    clearAttempt(data, sheet.id, row, learner);
    return { ...blank, verdict: "unread", error: "" };
  }
  const line = sheet.problems[row] ?? "";
  const found = marked(data, sheet, line, sent);
  keepAttempt(
    data,
    {
      id: newId(),
      learnerId: learner,
      sheet: { id: sheet.id, row },
      problem: line,
      house: sheet.house,
      given,
      verdict: found.cell.verdict,
      slips: found.cell.slips,
      probability: found.cell.chosen ? undefined : found.cell.explanations[0]?.probability,
      chosen: found.cell.chosen,
      note,
      marks: undefined,
      hints: 0,
      estimate: "",
      seconds: undefined,
    },
    found.chances,
    now,
  );
  return { ...blank, ...found.cell };
}

function marked(
  data: Data,
  { house }: MarkingSheet,
  line: string,
  sent: SentCell,
): {
  readonly cell: Omit<MarkedCell, "row" | "learner" | "given" | "note">;
  readonly chances: ReturnType<typeof waysTaken>;
} {
  const unread = (error: string) => ({
    cell: { verdict: "unread", faults: [], slips: [], chosen: false, explanations: [], error } as const,
    chances: [],
  });
  const problem = readProblem(line, house);
  if (!problem.ok) return unread(readErrorWords(problem.error, house));
  const given = readGiven(sent.given, problem.value, house);
  if (!given.ok) return unread(givenErrorWords(given.error, house));
  const ways = waysOf(line, house);
  if (ways === undefined) throw new Error("marked: a problem that reads has its ways");
  const { verdict, explanations } = markedAnswer(ways, given.value, house, historyOf(data, sent.learner));
  const chosen = sent.slips !== undefined;
  return {
    cell: {
      verdict: verdict.kind,
      faults: verdict.kind === "form" ? verdict.faults : [],
      slips: verdict.kind === "wrong" ? (sent.slips ?? explanations[0]?.slips ?? []) : [],
      chosen,
      explanations: explanations.map(({ slips, probability }) => ({
        slips,
        names: slips.map((id) => slipFacts(id).name),
        probability,
      })),
      error: "",
    },
    chances: waysTaken(ways, given.value.answer),
  };
}

/** How a learner did on a sheet: the counts, the best account of all wrong answers, each slip's showings. */
export function summaryOf(data: Data, sheet: MarkingSheet, learner: string): LearnerSummary {
  const answers = attemptsOnSheet(data, sheet.id).filter(({ learnerId }) => learnerId === learner);
  const count = (verdict: string): number => answers.filter((one) => one.verdict === verdict).length;
  const answered = answers.flatMap(({ problem: line, given: typed }): readonly Answered[] => {
    const ways = waysOf(line, sheet.house);
    const given = ways && readGiven(typed, ways.problem, sheet.house);
    return ways && given?.ok ? [{ ways, given: given.value.answer }] : [];
  });
  const names = (slips: readonly SlipId[]): readonly string[] => slips.map((id) => slipFacts(id).name);
  const [best] = sheetExplanations(answered);
  return {
    right: count("right"),
    form: count("form"),
    wrong: count("wrong"),
    account:
      best === undefined || best.slips.length === 0
        ? undefined
        : { slips: best.slips, names: names(best.slips), explains: best.explains },
    showings: showingsOn(answered)
      .slice(0, 6)
      .map(({ slip, shown, chances, steady }) => ({
        slip,
        name: slipFacts(slip).name,
        shown,
        chances,
        steady,
      })),
  };
}

/** What a kept answer lacks in form, or why it can't be read: told anew, since the words are not stored. */
export function formFaultsOf(
  { problem: line, given: typed, verdict }: Attempt,
  house: HouseRules,
): Pick<MarkedCell, "faults" | "error"> {
  const nothing = { faults: [], error: "" };
  if (verdict !== "form" && verdict !== "unread") return nothing;
  const problem = readProblem(line, house);
  if (!problem.ok) return { ...nothing, error: readErrorWords(problem.error, house) };
  const given = readGiven(typed, problem.value, house);
  if (!given.ok) return { ...nothing, error: givenErrorWords(given.error, house) };
  const found = verdictOf(problem.value, workingOf(problem.value, house).answer, given.value, house);
  return { ...nothing, faults: found.kind === "form" ? found.faults : [] };
}
