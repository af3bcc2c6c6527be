export type { PartsRow, Picture, Pieces } from "./picture";
export { pictureOf } from "./pictureOf";
