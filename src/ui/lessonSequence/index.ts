export { keepSequence, newSequence } from "./lessonSequence";
export { SequenceBar } from "./SequenceBar";
export { type Another, useAnother } from "./useAnother";
