export { type Belief, informationIn } from "./belief";
export {
  type Account,
  accountsIn,
  type Candidate,
  candidateOf,
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
  type Probe,
  type Probing,
  probeOf,
  probingAfter,
  type Reply,
} from "./probe";
