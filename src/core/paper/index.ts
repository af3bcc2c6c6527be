export { answerOn } from "./answerOn";
export { type MarkedWay, markWork, type WorkMarks } from "./markWork";
export { BLANK_PAPER, marksIn, moved, type Paper, rubbedOut, written } from "./paper";
