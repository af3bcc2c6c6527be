export {
  type Board,
  boardAfter,
  type Column,
  type Extent,
  extentOf,
  type Layout,
  layoutOf,
  type Plumb,
  type Sheet,
  sameSheet,
  sheetsOf,
  type Writing,
} from "./board";
export type { Mark, Seat } from "./mark";
