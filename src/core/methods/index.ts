export { METHOD_IDS, type MethodId, type Refusal } from "./method";
export type { Reason } from "./reason";
export { METHOD_SAMPLES } from "./samples";
export type { Stage, Step } from "./step";
export { methodsFor, preferredMethod, type Working, workingOf } from "./workings";
