export type { Picture, Pieces } from "./picture";
export { pictureOf } from "./pictureOf";
