export { type ExplainJson, explainRequested } from "./explainJson";
export {
  methodsRequested,
  type ProgramError,
  workJson,
  workLine,
  workRequested,
} from "./workJson";
