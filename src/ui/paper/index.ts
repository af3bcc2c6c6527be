export { Drawn } from "./Drawn";
export { AROUND, type FreeSquares, type PageOfSquares, Paper, pageFor, SMALLEST_SQUARE } from "./Paper";
