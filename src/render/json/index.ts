export { type ExplainedJson, explainedRequested, explainRequested } from "./explainJson";
export {
  methodsRequested,
  type ProgramError,
  workJson,
  workLine,
  workRequested,
} from "./workJson";
