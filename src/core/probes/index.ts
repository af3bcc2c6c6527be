export type { Belief } from "./belief";
export {
  type Account,
  accountsIn,
  type Candidate,
  givenKey,
  keyOf,
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
