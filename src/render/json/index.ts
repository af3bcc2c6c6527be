export {
  type MethodAnswer,
  methodsRequested,
  type ProgramError,
  workJson,
  workLine,
  workRequested,
} from "./workJson";
