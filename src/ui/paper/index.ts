export { RenderedBoard } from "./RenderedBoard";
export { AROUND, SMALLEST_SQUARE, SquaredPaper } from "./SquaredPaper";
