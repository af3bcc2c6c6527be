export {
  type Board,
  boardAfter,
  type Extent,
  extentOf,
  type PaperLayout,
  type Plumb,
  pageAt,
  pagesOf,
  sameSheet,
  standsInColumns,
  type Writing,
} from "./board";
export { inTwoColumns } from "./inTwoColumns";
export type { Mark, ShapeLook, SmallPosition, TokenLook } from "./mark";
export { moved } from "./moved";
