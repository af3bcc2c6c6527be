export type { Shape } from "./shape";
export { shapesOf } from "./shapes";
