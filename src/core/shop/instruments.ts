import type { UnitId } from "../quantity";

/** What measures in the shop. */
export const TOOLS = ["scale", "jug", "tape", "stopwatch", "thermometer"] as const;
export type Tool = (typeof TOOLS)[number];

/** An instrument: marks in equal steps from one reading to another, some of them numbered. */
export interface Instrument<Id extends string = string> {
  readonly id: Id;
  readonly tool: Tool;
  /** The first and the last mark, counted in marks from zero. */
  readonly from: number;
  readonly to: number;
  /** What a mark is worth in the smallest unit of its scale; in degrees on a thermometer. */
  readonly worth: readonly [over: number, under: number];
  /** Every so many marks one is numbered, and one is longer than the others. */
  readonly numbered: number;
  readonly longer: number;
  /** How finely is read between two marks: 1 to the mark, 2 to the half. */
  readonly between: 1 | 2;
  /** The unit of its numbers, and the units of a reading, largest first; none of degrees. */
  readonly labelled: UnitId | undefined;
  readonly read: readonly UnitId[];
}

const ROWS = [
  {
    id: "scale-2kg",
    tool: "scale",
    from: 0,
    to: 200,
    worth: [10, 1],
    numbered: 20,
    longer: 5,
    between: 1,
    labelled: "g",
    read: ["kg", "g"],
  },
  {
    id: "scale-10kg",
    tool: "scale",
    from: 0,
    to: 200,
    worth: [50, 1],
    numbered: 20,
    longer: 10,
    between: 1,
    labelled: "kg",
    read: ["kg", "g"],
  },
  {
    id: "scale-10lb",
    tool: "scale",
    from: 0,
    to: 160,
    worth: [1, 1],
    numbered: 16,
    longer: 8,
    between: 1,
    labelled: "lb",
    read: ["lb", "oz"],
  },
  {
    id: "jug-1l",
    tool: "jug",
    from: 0,
    to: 50,
    worth: [20, 1],
    numbered: 10,
    longer: 5,
    between: 2,
    labelled: "mL",
    read: ["L", "mL"],
  },
  {
    id: "jug-2pt",
    tool: "jug",
    from: 0,
    to: 32,
    worth: [1, 1],
    numbered: 4,
    longer: 2,
    between: 2,
    labelled: "floz",
    read: ["floz"],
  },
  {
    id: "tape-20cm",
    tool: "tape",
    from: 0,
    to: 200,
    worth: [1, 1],
    numbered: 10,
    longer: 5,
    between: 1,
    labelled: "cm",
    read: ["cm", "mm"],
  },
  {
    id: "tape-2m",
    tool: "tape",
    from: 0,
    to: 200,
    worth: [10, 1],
    numbered: 10,
    longer: 5,
    between: 1,
    labelled: "cm",
    read: ["m", "cm"],
  },
  {
    id: "tape-12in-halves",
    tool: "tape",
    from: 0,
    to: 24,
    worth: [1, 2],
    numbered: 2,
    longer: 2,
    between: 1,
    labelled: "in",
    read: ["in"],
  },
  {
    id: "tape-12in-quarters",
    tool: "tape",
    from: 0,
    to: 48,
    worth: [1, 4],
    numbered: 4,
    longer: 2,
    between: 1,
    labelled: "in",
    read: ["in"],
  },
  {
    id: "tape-12in-eighths",
    tool: "tape",
    from: 0,
    to: 96,
    worth: [1, 8],
    numbered: 8,
    longer: 4,
    between: 1,
    labelled: "in",
    read: ["in"],
  },
  {
    id: "tape-8in-sixteenths",
    tool: "tape",
    from: 0,
    to: 128,
    worth: [1, 16],
    numbered: 16,
    longer: 4,
    between: 1,
    labelled: "in",
    read: ["in"],
  },
  {
    id: "stopwatch",
    tool: "stopwatch",
    from: 0,
    to: 7199,
    worth: [1, 1],
    numbered: 5,
    longer: 5,
    between: 1,
    labelled: "s",
    read: ["h", "min", "s"],
  },
  {
    id: "thermometer-c",
    tool: "thermometer",
    from: -20,
    to: 50,
    worth: [1, 1],
    numbered: 10,
    longer: 5,
    between: 1,
    labelled: undefined,
    read: [],
  },
  {
    id: "thermometer-f",
    tool: "thermometer",
    from: -10,
    to: 60,
    worth: [2, 1],
    numbered: 10,
    longer: 5,
    between: 1,
    labelled: undefined,
    read: [],
  },
] as const satisfies readonly Instrument[];

export type InstrumentId = (typeof ROWS)[number]["id"];

/** Every instrument of the shop. */
export const INSTRUMENTS: readonly Instrument<InstrumentId>[] = ROWS;

/** An instrument by its id. */
export function instrumentOf(id: InstrumentId): Instrument<InstrumentId> {
  const found = INSTRUMENTS.find((one) => one.id === id);
  if (found === undefined) throw new Error(`instrumentOf: there is no ${id}`);
  return found;
}
