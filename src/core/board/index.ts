export { type Board, boardAfter, type Extent, extentOf, type Layout, type Writing } from "./board";
export type { Mark, Seat } from "./mark";
