export {
  INSTRUMENTS,
  type Instrument,
  type InstrumentId,
  instrumentOf,
  TOOLS,
  type Tool,
} from "./instruments";
export {
  type InstrumentPosition,
  labelAt,
  positionAt,
  positionOf,
  type ReadingError,
  rangeOf,
  readingForBoard,
  readingMarked,
  shareOfInstrument,
  typedReading,
  valueAt,
} from "./reading";
export { GRAMS_IN_AN_OUNCE, priced, weighed } from "./stockOf";
export { changeFrom, type Drawer, floatOf, piecesIn, withPieces, worthOfDrawer } from "./till";
