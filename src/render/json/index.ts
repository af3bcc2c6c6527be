export { type ExplainedJson, type ExplainJson, explainedRequested, explainRequested } from "./explainJson";
export {
  methodsRequested,
  type ProgramError,
  workJson,
  workLine,
  workRequested,
} from "./workJson";
