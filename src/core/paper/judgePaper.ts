import { blockClaims } from "./blockClaims";
import { type Claim, isSameExact } from "./claims/claim";
import { laidClaims } from "./claims/laidClaims";
import { aloneIn, isStatement, type ReadLine, readLines } from "./claims/lines/lineClaims";
import { withCopying } from "./copied";
import type { Judged, Looking } from "./judged";
import { linkClaims } from "./linkClaims";
import type { Paper } from "./paper";
import { fractionBars } from "./reading/bars";
import { rowsOf, type Sorted, sorted, spotKey } from "./reading/glyphs";
import { type JudgingTarget, valueFrom } from "./reading/judgingTarget";
import { linesOf } from "./reading/lines";
import { type StackRow, stackRows } from "./reading/stacks";
import { wrongStep } from "./wrongStep";

const NOTHING: Judged = {
  claims: [],
  standings: [],
  choices: [],
  fault: undefined,
  follows: false,
  aside: undefined,
  answer: undefined,
  inForm: true,
  unread: [],
  state: "blank",
};

/**
 * Reads a paper and judges it by what it claims: every block is read by its shape alone and checked by exact
 * arithmetic as it stands, whatever the method; the claims are then joined by the numbers they use and make.
 */
export function judgePaper(paper: Paper, asked: JudgingTarget, { settled, units }: Looking): Judged {
  // Once the hand is lifted no mark is the last one: nothing is spared any more.
  const marks = sorted(paper.marks, settled);
  const laidOut = marks.tokens.length + marks.shapes.length;
  if (marks.glyphs.length === 0 && marks.jumps.length === 0 && laidOut === 0) return NOTHING;
  const signs = rowsOf(marks);
  const bars = fractionBars(marks, new Map(signs.map((one) => [one.row, one.signs])), asked.fractions);
  const lines = linesOf(marks, signs, bars);
  const statements = lines.filter(isStatement);
  const last = marks.last !== undefined && "row" in marks.last ? marks.last.row : undefined;
  const writingIn =
    last === undefined
      ? undefined
      : (
          statements.find(({ row }) => row === last || row === last + 1) ??
          // A bar, or what stands under it, belongs to the line of its fraction.
          statements.find(({ row }) => row === last - 1)
        )?.row;
  const readings = readLines(lines, asked, writingIn, marks);
  const inStatements = readings.flatMap(({ claims }) => claims);
  const goingOn = new Set(
    readings.flatMap(({ goesOn, claims: [first] }) => (goesOn && first !== undefined ? [first] : [])),
  );
  const barred = new Set(bars.flatMap(({ over, under }) => [...over, ...under].map(spotKey)));
  const rows = stackRows(
    marks,
    signs.map(({ row, signs: all }) => ({ row, signs: all.filter((sign) => !barred.has(spotKey(sign))) })),
  );
  const blocks = blockClaims(
    marks,
    rows,
    withoutStatements(rows, readings),
    bars,
    asked,
    { settled, units, writingIn: last },
    inStatements,
  );
  const made = [...inStatements, ...blocks].flatMap(({ uses, parts, makes }) => [
    ...uses,
    ...parts,
    ...(makes === undefined ? [] : [makes.value]),
  ]);
  const claims = withCopying(
    [
      ...inStatements
        .map((claim) => (goingOn.has(claim) ? goneOn(claim, blocks, asked) : claim))
        .map((claim) => (isWorkedBelow(claim, blocks) ? unfinished(claim) : claim)),
      ...blocks,
      ...laidClaims(marks, bars, asked, made, settled),
    ].sort((a, b) => a.top - b.top || a.left - b.left),
    asked,
    last,
  );
  // A number that is all there is on its line.
  const alone = readings.flatMap(({ line, sides: [side, more] }) =>
    side !== undefined && more === undefined ? (aloneIn(side, line.row) ?? []) : [],
  );
  const judged = linkClaims(claims, rows, alone, asked, last);
  return settled ? withWrongStep(judged, asked, marks) : judged;
}

/** A paper that is done and comes to something else than the problem has a first wrong mark, though each of its lines holds. */
function withWrongStep(judged: Judged, asked: JudgingTarget, marks: Sorted): Judged {
  const fault = judged.fault === undefined ? wrongStep(judged, asked, marks) : undefined;
  return fault === undefined ? judged : { ...judged, fault };
}

/** The rows without what is stated in them: a note beside a column leaves the column's numbers there. */
const withoutStatements = (rows: readonly StackRow[], readings: readonly ReadLine[]): readonly StackRow[] => {
  const stated = readings.filter(({ claims }) => claims.length > 0).map(({ line }) => line);
  return rows.flatMap((row) => {
    const here = stated.filter((line) => line.row === row.row);
    if (here.length === 0) return [row];
    const isFree = ({ from, to }: { readonly from: number; readonly to: number }): boolean =>
      !here.some(({ items }) => items.some((item) => item.from < to && item.to > from));
    const [numerals, words] = [row.numerals.filter(isFree), row.words.filter(isFree)];
    return numerals.length + words.length === 0 ? [] : [{ ...row, numerals, words }];
  });
};

/** Whether a line is the head of a division whose rows below are sound: its quotient is still being worked out. */
const isWorkedBelow = ({ top, fault, read }: Claim, blocks: readonly Claim[]): boolean =>
  fault !== undefined &&
  blocks.some(
    (block) =>
      block.kind === "division" &&
      block.state === "unfinished" &&
      block.bottom > top &&
      block.read.some((one) => one.row === top && read.some((other) => other.from === one.from)),
  );

const unfinished = (claim: Claim): Claim => ({
  ...claim,
  state: "unfinished",
  fault: undefined,
  makes: undefined,
});

/** A line that begins with a sign of equality may go on from the block above it, as well as from the line. */
function goneOn(claim: Claim, blocks: readonly Claim[], asked: JudgingTarget): Claim {
  const { makes } = claim;
  const above = blocks.find(
    (block) =>
      block.makes !== undefined &&
      block.bottom < claim.top &&
      makes !== undefined &&
      isSameExact(block.makes.value, makes.value),
  );
  const isAnswer =
    makes !== undefined && asked.value !== undefined && isSameExact(makes.value, valueFrom(asked.value));
  return (above === undefined && !isAnswer) || claim.state === "right"
    ? claim
    : {
        ...claim,
        state: "right",
        fault: undefined,
        uses: [...claim.uses, ...(makes === undefined ? [] : [makes.value])],
      };
}
