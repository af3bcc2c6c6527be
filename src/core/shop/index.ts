export {
  INSTRUMENTS,
  type Instrument,
  type InstrumentId,
  instrumentOf,
  TOOLS,
  type Tool,
} from "./instruments";
export {
  type InstrumentPosition as Position,
  labelAt,
  positionAt,
  positionOf,
  type ReadingError,
  rangeOf,
  readingForBoard,
  readingMarked,
  shareOfInstrument as shareOf,
  typedReading,
  valueAt,
} from "./reading";
export { GRAMS_IN_AN_OUNCE, priced, weighed } from "./stockOf";
export { changeFrom, type Drawer, floatOf, piecesIn, withPieces, worthOfDrawer as worthOf } from "./till";
