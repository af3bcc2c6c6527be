export type { Belief } from "./belief";
export {
  type Account,
  accountsIn,
  answerKeyOf,
  type Candidate,
  givenKey,
  poolOf,
  skillsAround,
  skillsOf,
  skillsShowing,
} from "./candidate";
export {
  fewestByEntropy,
  groupsOf,
  probeOf,
  probingAfter,
  type Reply,
} from "./probe";
export { strandOf } from "./strandOf";
