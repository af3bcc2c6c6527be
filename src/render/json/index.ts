export { type ExplainedJson, explainedRequested, explainRequested } from "./explainJson";
export { drawnFor, sheetLines, sheetRequested, skillsListed, skillsShown } from "./sheetJson";
export { type AskedRow, type RowResult, rowsRequested, type ShownRow } from "./sheetRows";
export { MOST_TWINS, twinsRequested } from "./twinsJson";
export {
  methodsRequested,
  type ProgramError,
  workJson,
  workLine,
  workRequested,
} from "./workJson";
