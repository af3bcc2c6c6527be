export { Drawn } from "./Drawn";
export { AROUND, Paper, SMALLEST_SQUARE } from "./Paper";
