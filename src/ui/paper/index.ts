export { RenderedBoard as Drawn } from "./RenderedBoard";
export { AROUND, SMALLEST_SQUARE, SquaredPaper as Paper } from "./SquaredPaper";
