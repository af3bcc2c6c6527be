export { answerOn } from "./answerOn";
export { type JumpMarks, jumpsAgainst } from "./jumps";
export { type MarkedWay, markWork, type WorkMarks } from "./markWork";
export { BLANK_PAPER, marksIn, type Paper, rubbedOut, written } from "./paper";
