export { answerOn } from "./answerOn";
export type { SoughtWay } from "./fit";
export { type MarkedWay, markWork, type WorkMarks } from "./markWork";
export { BLANK_PAPER, marksIn, moved, type Paper, rubbedOut, slotOf, without, written } from "./paper";
