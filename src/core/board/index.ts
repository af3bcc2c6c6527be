export {
  type Board,
  boardAfter,
  type Extent,
  extentOf,
  type Layout,
  type Plumb,
  pageAt,
  pagesOf,
  sameSheet,
  standsInColumns,
  type Writing,
} from "./board";
export { inTwoColumns } from "./inTwoColumns";
export type { Mark, Position, ShapeLook, TokenLook } from "./mark";
export { moved } from "./moved";
