export { Drawn } from "./Drawn";
export { AROUND, Paper, pageFor, SMALLEST_SQUARE } from "./Paper";
