import { sameSheet } from "../board";
import type { RunReason } from "../checks";
import type { Working } from "../methods";
import { type Fraction, ONES, type Place } from "../number";
import { operandsOf } from "../problem";
import type { PartsRow, Picture, Pieces } from "./picture";

/** The smallest pieces that can still be seen. */
const SMALLEST: Place = -2;
/** More pieces than this are a heap and no picture. */
const MOST_PIECES = 40;

/** The picture that belongs to a step of a working, if one helps: read off its reason, nothing worked out again. */
export function pictureOf(reason: RunReason, working: Working): Picture | undefined {
  switch (reason.kind) {
    case "columnSum":
      return working.method === "column-addition" ? joined(reason, working) : undefined;
    case "partSum":
      return joined(reason, working);
    case "exchange": {
      const { lender, crossed, receiver } = reason;
      const made = [
        ...crossed.map(({ place, after }) => ({ place, count: after })),
        { place: receiver.place, count: 10 },
      ];
      return pieces([{ place: lender.place, count: 1 }], made);
    }
    case "partExchange": {
      const [giver, ...others] = reason.changes;
      if (giver === undefined) return undefined;
      const made = others.map(({ place, before, after }) => ({ place, count: after - before }));
      return pieces([{ place: giver.place, count: 1 }], made);
    }
    case "comparePlace":
      return reason.decides
        ? pieces(
            [
              { place: reason.place, count: reason.upper },
              { place: reason.place, count: reason.lower },
            ],
            [],
          )
        : undefined;
    case "hopUp":
    case "addHops":
      return jumps(working, reason);
    case "partAlong":
    case "areaProduct":
      return rectangle(
        working,
        reason,
        reason.kind === "areaProduct"
          ? { across: reason.across.numeral, down: reason.down.numeral }
          : undefined,
      );
    case "equivalent":
      return partsPicture([{ fraction: reason.before, cutInto: reason.after.denominator }]);
    case "overBoth":
      return partsPicture(
        reason.fractions.map((one, index) => ({
          fraction: one,
          cutInto: reason.widened[index]?.denominator,
        })),
      );
    case "combineParts":
      return partsPicture([...reason.parts, reason.result].map(whole));
    case "reduce":
      return partsPicture([whole(reason.before), whole(reason.after)]);
    case "countOut":
    case "toImproper":
      return partsPicture([whole(reason.kind === "countOut" ? reason.before : reason.after)]);
    case "compareParts":
    case "orderParts":
      return partsPicture(reason.parts.map(whole));
    case "topsAndBottoms": {
      const [first, ...more] = reason.parts;
      return first && partsPicture([first, ...more, reason.wrong].map(whole), true);
    }
    case "unitExchange":
      return {
        kind: "bond",
        before: reason.changes.map(({ unit, before }) => ({ unit, count: before })),
        after: reason.changes.map(({ unit, after }) => ({ unit, count: after })),
      };
    case "changeHop":
    case "changeTotal":
    case "handNotes":
      return {
        kind: "till",
        pieces: [...reason.pieces].sort((a, b) => b - a),
        currency: reason.kind === "handNotes" ? reason.price.currency : reason.currency,
      };
    case "signOfSum":
      return reason.above.kind === "decimal" && reason.below.kind === "decimal"
        ? { kind: "sides", above: reason.above, below: reason.below }
        : undefined;
    case "neighbours":
      return { kind: "line", from: reason.below, to: reason.above, stops: [], marked: reason.numeral };
    default:
      return undefined;
  }
}

/** The most parts of a whole that can still be told apart, and the most wholes. */
const MOST_PARTS = 40n;
const MOST_WHOLES = 6n;

const whole = (fraction: Fraction): PartsRow => ({ fraction, cutInto: undefined });

/** Fractions as parts of wholes, where these are few and large enough to be seen. */
function partsPicture(rows: readonly PartsRow[], wrong = false): Picture | undefined {
  const seen = rows.every(
    ({ fraction, cutInto }) =>
      (cutInto ?? fraction.denominator) <= MOST_PARTS &&
      fraction.numerator <= MOST_WHOLES * fraction.denominator,
  );
  return seen ? { kind: "parts", rows, wrong } : undefined;
}

/** The pieces of a column of a sum among decimals, and what ten of them become. */
function joined(
  { place, parts, carriedIn, written, carriedOut }: Extract<RunReason, { kind: "columnSum" | "partSum" }>,
  { problem }: Working,
): Picture | undefined {
  const whole = operandsOf(problem).every((operand) => operand.kind === "decimal" && operand.fraction === "");
  if (whole || place > ONES) return undefined;
  const groups = [...parts, carriedIn].filter((count) => count > 0).map((count) => ({ place, count }));
  const becomes = [
    { place: place + 1, count: carriedOut },
    { place, count: written },
  ].filter(({ count }) => count > 0);
  return carriedOut > 0 ? pieces(groups, becomes) : pieces(groups, []);
}

function pieces(groups: readonly Pieces[], becomes: readonly Pieces[]): Picture | undefined {
  const all = [...groups, ...becomes];
  const visible = all.every(({ place }) => place >= SMALLEST && place <= 1);
  const count = groups.reduce((sum, group) => sum + group.count, 0);
  return visible && count > 0 && count <= MOST_PIECES ? { kind: "pieces", groups, becomes } : undefined;
}

/** The number line of counting up, with the jumps that have been made. */
function jumps({ steps }: Working, until: RunReason): Picture | undefined {
  const beside = sameSheet(
    steps,
    steps.find(({ reason }) => reason === until),
  );
  const hops = beside.flatMap(({ reason }) => (reason.kind === "hopUp" ? [reason] : []));
  const [first] = hops;
  const last = hops.at(-1);
  if (first === undefined || last === undefined) return undefined;
  const made = until.kind === "hopUp" ? hops.slice(0, hops.indexOf(until) + 1) : hops;
  return {
    kind: "line",
    from: first.from,
    to: last.to,
    stops: [first.from, ...made.map(({ to }) => to)],
    marked: undefined,
  };
}

function rectangle(
  { steps }: Working,
  at: RunReason,
  part: Extract<Picture, { kind: "rectangle" }>["part"],
): Picture | undefined {
  const beside = sameSheet(
    steps,
    steps.find(({ reason }) => reason === at),
  );
  const sides = beside.flatMap(({ reason }) => (reason.kind === "partAlong" ? [reason] : []));
  const [across, down] = ["top", "left"].map((side) => sides.find((along) => along.side === side)?.parts);
  return across && down ? { kind: "rectangle", across, down, part } : undefined;
}
