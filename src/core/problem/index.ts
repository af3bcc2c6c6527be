export { exactAnswer, fractionOf } from "./exact";
export { MOST_ADDENDS, type Operation, type Problem, SIGNS, writeProblem } from "./problem";
export type { ReadError } from "./readError";
export { LONGEST_LINE, readNumber, readProblem } from "./readProblem";
