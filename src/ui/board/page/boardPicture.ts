import { isFilled, pathOf } from "@/render/board";
import { type DrawnBoard, gridPath, type Inks } from "@/render/svg";

/** Pixels to a square of a picture, for a sharp print. */
const SIDE = 96;

/** The colours of paper by day, whatever the screen shows: a picture is for other pages. */
export function paperInks(): Inks {
  const probe = document.createElement("div");
  probe.dataset.theme = "paper";
  probe.style.colorScheme = "light";
  document.body.append(probe);
  const role = (name: string): string => {
    probe.style.color = `var(--${name})`;
    return getComputedStyle(probe).color;
  };
  const inks = {
    page: role("page"),
    squares: role("squares"),
    ink: role("ink"),
    soft: role("soft"),
    plumb: role("plumb"),
  };
  probe.remove();
  return inks;
}

/** A drawn board as a PNG, in the board's own letters. None where the browser can't make one. */
export async function boardPng(board: DrawnBoard, inks: Inks): Promise<Blob | undefined> {
  await document.fonts.load("40px Andika");
  const canvas = document.createElement("canvas");
  canvas.width = board.columns * SIDE;
  canvas.height = board.rows * SIDE;
  const pen = canvas.getContext("2d");
  if (pen === null) return undefined;
  pen.fillStyle = inks.page;
  pen.fillRect(0, 0, canvas.width, canvas.height);
  pen.translate(-board.left * SIDE, -board.top * SIDE);
  pen.strokeStyle = inks.squares;
  pen.stroke(new Path2D(gridPath(board, SIDE)));
  pen.lineWidth = SIDE * 0.04;
  pen.strokeStyle = inks.plumb;
  for (const { line, top, bottom } of board.plumbs) {
    pen.stroke(new Path2D(`M${line * SIDE} ${top * SIDE}V${bottom * SIDE}`));
  }
  pen.lineCap = "round";
  pen.textAlign = "center";
  pen.textBaseline = "middle";
  for (const shape of board.shapes) {
    if (shape.kind === "text") {
      pen.font = `${shape.size * SIDE}px Andika, sans-serif`;
      pen.fillStyle = shape.hollow ? inks.page : inks.ink;
      pen.lineWidth = 2.5;
      pen.strokeStyle = inks.soft;
      pen.fillText(shape.text, shape.x * SIDE, shape.y * SIDE);
      if (shape.hollow) pen.strokeText(shape.text, shape.x * SIDE, shape.y * SIDE);
      continue;
    }
    const path = new Path2D(pathOf(shape, SIDE));
    const hollow = shape.kind === "dot" && shape.hollow;
    if (isFilled(shape)) {
      pen.fillStyle = hollow ? inks.page : inks.ink;
      pen.fill(path);
    }
    if (shape.kind === "dot" && !hollow) continue;
    pen.strokeStyle = hollow ? inks.soft : inks.ink;
    pen.lineWidth = shape.kind === "dot" ? 2.5 : shape.weight * SIDE;
    pen.setLineDash(shape.kind === "line" && shape.dashed ? [12, 14] : []);
    pen.stroke(path);
  }
  return await new Promise((resolve) => canvas.toBlob((blob) => resolve(blob ?? undefined), "image/png"));
}
