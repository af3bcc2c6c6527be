export { type Asked, askedOf } from "./asked";
export type { Fault, FaultKind, JumpFault } from "./claims/claim";
export type { Judged } from "./judged";
export { judgePaper } from "./judgePaper";
export { type MarkedWay, markWork, type WorkMarks } from "./markWork";
export { BLANK_PAPER, marksIn, type Paper, rubbedOut, written } from "./paper";
