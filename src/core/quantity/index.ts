export {
  CURRENCY_IDS,
  type CurrencyId,
  currencyOf,
  currencyTyped,
  MINOR_PLACES,
  minorTyped,
  piecesOfCurrency,
} from "./currencies";
export { isOwnCurrency, type OwnCurrencyError, ownCurrencyId, ownCurrencyOf } from "./ownCurrency";
export {
  type Amount,
  amountOf,
  inMajor,
  type Measure,
  type MeasurePart,
  pieceName,
  type Quantity,
  quantityParts,
  writeAmount,
  writeMeasure,
  writePieces,
  writeQuantity,
} from "./quantity";
export {
  isMetric,
  rateBetween,
  SCALE_KINDS,
  type Scale,
  smallerUnits,
  UNITS,
  type UnitId,
  unitOf,
  unitTyped,
} from "./units";
