import type { Mark } from "../../../board";

/**
 * A lattice: its factors along the top and down the right, the products of its squares row by row with their tens
 * where they are written, the digits down the left and along the foot; a blank leaves its square empty.
 */
function lattice(top: string, side: string, squares: string, edge: string): readonly Mark[] {
  const glyph = (text: string, col: number, row: number): readonly Mark[] =>
    text === " " ? [] : [{ kind: "glyph", text, col, row, look: "written" }];
  const products = squares.split(" ");
  return [
    ...[...top].flatMap((digit, i) => glyph(digit, 2 + i, 0)),
    ...[...side].flatMap((digit, j) => glyph(digit, 2 + top.length, 1 + j)),
    ...[...side].flatMap((_, j) =>
      [...top].flatMap((_, i): readonly Mark[] => {
        const place = { col: 2 + i, row: 1 + j };
        const product = products[j * top.length + i] ?? "";
        const tens = product.length > 1 ? product.slice(0, 1) : "";
        return [
          { kind: "diagonal", ...place, size: 1 },
          ...(tens === "" ? [] : [{ kind: "small", ...place, position: "tens", text: tens } as const]),
          { kind: "small", ...place, position: "ones", text: product.slice(-1) },
        ];
      }),
    ),
    ...[...edge].flatMap((digit, nth) =>
      nth < side.length ? glyph(digit, 1, 1 + nth) : glyph(digit, 2 + nth - side.length, 1 + side.length),
    ),
  ];
}

/** Lattices that are right, and such with one error at a square. */
export const LATTICES: readonly {
  readonly problem: string;
  readonly marks: readonly Mark[];
  readonly wrong?: { readonly col: number; readonly row: number };
}[] = [
  { problem: "23 × 14", marks: lattice("23", "14", "2 3 8 12", " 322") },
  { problem: "23 × 14", marks: lattice("23", "14", "02 03 08 12", "0322") },
  // A factor copied wrongly at an edge, and all after it right.
  { problem: "23 × 14", marks: lattice("24", "14", "2 4 8 16", " 336"), wrong: { col: 3, row: 0 } },
  { problem: "23 × 14", marks: lattice("23", "15", "2 3 10 15", " 345"), wrong: { col: 4, row: 2 } },
  { problem: "23 × 14", marks: lattice("14", "23", "2 8 3 12", " 322") },
  { problem: "34 × 27", marks: lattice("34", "27", "6 8 21 28", " 918") },
  { problem: "206 × 45", marks: lattice("206", "45", "8 0 24 10 0 30", " 9270") },
  { problem: "23 × 14", marks: lattice("23", "14", "2 3 8 13", " 323"), wrong: { col: 3, row: 2 } },
  { problem: "34 × 27", marks: lattice("34", "27", "6 8 24 28", " 948"), wrong: { col: 2, row: 2 } },
  { problem: "34 × 27", marks: lattice("34", "27", "6 8 21 28", " 908"), wrong: { col: 2, row: 3 } },
  { problem: "23 × 14", marks: lattice("23", "14", "2 3 8 12", " 222"), wrong: { col: 1, row: 2 } },
];
