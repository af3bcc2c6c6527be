export { isFilled, pathOf, type Stroke } from "./paths";
export type { Shape } from "./shape";
export { shapesOf } from "./shapes";
