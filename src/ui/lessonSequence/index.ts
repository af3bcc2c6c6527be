export { keepRow, newRow } from "./lessonSequence";
export { RowBar } from "./SequenceBar";
export { type Another, useAnother } from "./useAnother";
