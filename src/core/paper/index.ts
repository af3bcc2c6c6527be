export type { Claim, Fault, FaultKind, JumpFault } from "./claims/claim";
export type { Judged, Standing } from "./judged";
export { judgePaper } from "./judgePaper";
export { type MarkedWay, markWork, type WorkMarks } from "./markWork";
export { BLANK_PAPER, lineRubbedOut, marksIn, type Paper, rubbedOut, written } from "./paper";
export { type JudgingTarget, judgingTarget } from "./reading/judgingTarget";
