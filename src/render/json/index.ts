export { type ProgramError, workJson, workLine, workRequested } from "./workJson";
