export { RowBar } from "./RowBar";
export { keepRow, newRow } from "./row";
export { type Another, useAnother } from "./useAnother";
