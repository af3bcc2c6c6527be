export {
  type Board,
  boardAfter,
  type Extent,
  extentOf,
  type PaperLayout as Layout,
  type Plumb,
  pageAt,
  pagesOf,
  sameSheet,
  standsInColumns,
  type Writing,
} from "./board";
export { inTwoColumns } from "./inTwoColumns";
export type { Mark, ShapeLook, SmallPosition as Position, TokenLook } from "./mark";
export { moved } from "./moved";
