export {
  type Board,
  boardAfter,
  type Extent,
  extentOf,
  type Layout,
  layoutOf,
  type Page,
  type Plumb,
  pageAt,
  pagesOf,
  type Sheet,
  sameSheet,
  type Writing,
} from "./board";
export type { Mark, Seat } from "./mark";
