export { type FreeSquares, type PageOfSquares, pageFor } from "./pageFor";
export { isFilled, pathOf } from "./paths";
export type { Shape } from "./shape";
export { shapesOf } from "./shapes";
