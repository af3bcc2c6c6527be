export { type ExplainedJson, explainedRequested, explainRequested } from "./explainJson";
export { sheetLines, sheetRequested, skillShown, skillsListed } from "./sheetJson";
export { MOST_TWINS, twinsRequested } from "./twinsJson";
export {
  methodsRequested,
  type ProgramError,
  workJson,
  workLine,
  workRequested,
} from "./workJson";
