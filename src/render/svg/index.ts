export { boardSvg, type DrawnBoard, drawnBoard, gridPath, type Inks } from "./boardSvg";
export { smallBoard } from "./smallBoard";
