import type { Instrument, InstrumentId, InstrumentPosition, ReadingError, Tool } from "../../shop";
import { labelAt } from "../../shop";

/** What the tools of the shop are called. */
export const TOOL_NAMES: Readonly<Record<Tool, string>> = {
  scale: "Scale",
  jug: "Jug",
  tape: "Tape",
  stopwatch: "Stopwatch",
  thermometer: "Thermometer",
};

/** What an instrument is called among those of its tool. */
export const INSTRUMENT_NAMES: Readonly<Record<InstrumentId, string>> = {
  "scale-2kg": "to 2 kg",
  "scale-10kg": "to 10 kg",
  "scale-10lb": "to 10 lb",
  "jug-1l": "1 litre",
  "jug-2pt": "2 pints",
  "tape-20cm": "centimetres",
  "tape-2m": "to 2 metres",
  "tape-12in-halves": "halves of an inch",
  "tape-12in-quarters": "quarters of an inch",
  "tape-12in-eighths": "eighths of an inch",
  "tape-8in-sixteenths": "sixteenths of an inch",
  stopwatch: "minutes and seconds",
  "thermometer-c": "Celsius",
  "thermometer-f": "Fahrenheit",
};

/** What may have gone wrong with a reading, said to a learner. */
export const READING_ERROR_WORDS: Readonly<Record<ReadingError, string>> = {
  unitMixed:
    "The number stands with another unit than it belongs to. Look at what the numbers on it are called.",
  wrongMark: "Each small mark is worth something else. Count the marks between two numbers first.",
  wrongEnd: "Counted from the wrong number. Begin at the number before it and count on.",
  oneOff: "One mark off. Look straight at it and count once more.",
};

/** What stands at an instrument, for those who do not see it: which mark after which number, and not the reading. */
export function positionWords(instrument: Instrument, position: InstrumentPosition): string {
  const { numbered, between } = instrument;
  const step = numbered * between;
  const before = Math.floor(position / step) * step;
  const label = labelAt(instrument, before / between) ?? "";
  const marks = Math.floor((position - before) / between);
  const half = (position - before) % between !== 0;
  if (marks === 0 && !half) return `At the ${label}.`;
  const counted = marks === 1 ? "1 mark" : `${marks} marks`;
  return half
    ? `Halfway between ${counted} and the next one after the ${label}; ${numbered} marks to the next number.`
    : `${counted} after the ${label}; ${numbered} marks to the next number.`;
}
