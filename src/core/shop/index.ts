export {
  INSTRUMENTS,
  type Instrument,
  type InstrumentId,
  instrumentOf,
  TOOLS,
  type Tool,
} from "./instruments";
export {
  labelAt,
  type Position,
  positionAt,
  positionOf,
  type ReadingError,
  rangeOf,
  readingForBoard,
  readingMarked,
  shareOf,
  typedReading,
  valueAt,
} from "./reading";
export { GRAMS_IN_AN_OUNCE, priced, weighed } from "./stockOf";
export { changeFrom, type Drawer, floatOf, piecesIn, withPieces, worthOf } from "./till";
