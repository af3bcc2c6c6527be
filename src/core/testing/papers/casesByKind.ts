import type { Mark } from "../../board";
import type { PaperCase } from "./cases";

/** More papers as learners write them, drawn by hand, kind by kind: `problem`, what stands on paper, what it comes to. */
type Right = readonly [
  problem: string,
  paper: string,
  answer?: string | undefined,
  units?: readonly string[],
];
/** The same with `!` after the one wrong mark. */
type Wrong = readonly [problem: string, paper: string, kind?: string | undefined, units?: readonly string[]];

const POUNDS = ["lb", "oz"];
const FEET = ["ft", "in"];
const HOURS = ["h", "min"];

const ADDED: readonly Right[] = [
  ["6.4 + 2.85", "\n 6.40\n+2.85\n-----\n 9.25", "9.25"],
  ["348 + 275", "\n  '1 '1\n 348\n+275\n----\n 623", "623"],
  ["348 + 275", "\n 348\n+275\n----\n 500\n 110\n  13\n----\n 623", "623"],
  ["4.5 + 12 + 0.75", "\n  4.50\n 12.00\n  0.75\n ------\n 17.25", "17.25"],
  ["4.5 + 12 + 0.75", "\n4.5+12=16.5\n16.5+0.75=17.25", "17.25"],
  ["348 + 275", "\n 348\n+275\n----\n 61/'23", "623"],
  ["348 + 275", "\n348+275=623", "623"],
  ["348 + 275", "\n 348\n+275\n----\n 623\n\n 623\n-275\n----\n 348", "623"],
  ["1250 + 375", "\n  375\n+1250\n-----\n 1625", "1625"],
  ["0.8 + 0.75", "\n0.8+0.75\n=0.80+0.75\n=1.55", "1.55"],
  ["857 + 468", "\n 857\n 468\n----\n1325", "1325"],
  ["9.5 + 0.5", "\n 9.5\n+0.5\n----\n10.0", "10.0"],
];

const TAKEN: readonly Right[] = [
  ["403 - 127", "\n 4/'30/'93/'13\n-127\n----\n 276", "276"],
  ["72.5 - 38", "\n 72.5\n-38.0\n-----\n 34.5", "34.5"],
  ["72.5 - 38", "\n72.5-38\n72.5-30=42.5\n42.5-8=34.5", "34.5"],
  ["72.5 - 38", "\n38+2=40\n40+32.5=72.5\n2+32.5=34.5", "34.5"],
  ["5.03 - 2.65", "\n 5.03\n-2.65\n-----\n 2.38", "2.38"],
  ["1000 - 364", "\n 1000\n- 364\n-----\n  636", "636"],
  ["1000 - 364", "\n999-363=636", "636"],
  ["640 - 275", "\n 640\n-275\n----\n 365\n\n 365\n+275\n----\n 640", "365"],
  ["12 - 4.75", "\n12.00\n 4.75\n-----\n 7.25", "7.25"],
  ["640 - 275", "\n640-200=440\n440-75=365", "365"],
  ["640 - 275", "\n645-280=365", "365"],
];

const MULTIPLIED: readonly Right[] = [
  ["34 × 27", "\n  34\n× 27\n----\n 238\n 680\n----\n 918", "918"],
  ["34 × 27", "\n  34\n× 27\n----\n 238\n 68\n----\n 918", "918"],
  ["34 × 27", "\n34×20=680\n34×7=238\n680+238=918", "918"],
  ["34 × 27", "\n30×27=810\n4×27=108\n810+108=918", "918"],
  ["306 × 8", "\n 306\n×  8\n----\n2448", "2448"],
  ["306 × 8", "\n300×8=2400\n6×8=48\n2400+48=2448", "2448"],
  ["2.4 × 1.5", "\n 2.4\n×1.5\n----\n 120\n 24\n----\n 3.60", "3.60"],
  ["2.4 × 1.5", "\n24×15=360\n2.4×1.5=3.60", "3.60"],
];

const AREAS: readonly Right[] = [
  ["12.5 × 4", "\n  12 0.5\n4 48 2\n48+2=50", "50"],
  ["34 × 27", "\n   30  4\n20 600 80\n 7 210 28\n\n600+80+210+28=918", "918"],
  ["34 × 27", "\n   20  7\n30 600 210\n 4  80  28\n\n600+210=810\n80+28=108\n810+108=918", "918"],
  ["46 × 7", "\n  40  6\n7 280 42\n280+42=322", "322"],
];

const DIVIDED: readonly Right[] = [
  ["952 ÷ 28", "\n   34\n  ---\n28|952\n  84\n  --\n  112\n  112\n  ---\n    0", "34"],
  ["952 ÷ 28", "\n952:28=34\n84\n--\n112\n112\n---\n  0", "34"],
  ["624 ÷ 6", "\n600÷6=100\n24÷6=4\n100+4=104", "104"],
  ["624 ÷ 6", "\n624÷6=104", "104"],
  ["8 ÷ 5", "\n 1.6\n ---\n5|8.0\n 5\n --\n 30\n 30\n --\n  0", "1.6"],
  ["8 ÷ 5", "\n8:5=1.6\n5\n-\n30\n30\n--\n 0", "1.6"],
  ["7.2 ÷ 3", "\n7.2:3=2.4\n6\n-\n12\n12\n--\n 0", "2.4"],
  ["945 ÷ 9", "\n 105\n ---\n9|945", "105"],
  ["945 ÷ 9", "\n 105\n ---\n9|945\n 9\n -\n 04\n  0\n  -\n  45\n  45\n  --\n   0", "105"],
];

const FRACTIONS: readonly Right[] = [
  ["1/2 + 1/3", "\n1 1 3 2 5\n_+_=_+_=_\n2 3 6 6 6", "5/6"],
  ["1/2 + 1/3", "\n1 1  6  4 10 5\n_+_=__+__=__=_\n2 3 12 12 12 6", "5/6"],
  ["1/2 + 1/3", "\n1 3\n_=_\n2 6\n\n1 2\n_=_\n3 6\n\n3 2 5\n_+_=_\n6 6 6", "5/6"],
  ["5/6 - 1/4", "\n5 1 10  3  7\n_-_=__-__=__\n6 4 12 12 12", "7/12"],
  ["3/4 × 2/5", "\n3 2  6  3\n_×_=__=__\n4 5 20 10", "3/10"],
  ["3/4 ÷ 2/5", "\n3 2 3 5 15\n_÷_=_×_=__\n4 5 4 2  8", "15/8"],
  ["10/12 in simplest form", "\n10 5\n__=_\n12 6", "5/6"],
  ["7/4 as a mixed number", "\n7  3\n_=1_\n4  4", "1 3/4"],
  ["2 1/4 as a fraction", "\n 1 9\n2_=_\n 4 4", "9/4"],
  ["1 1/2 + 2 1/4", "\n 1  1  2  1  3\n1_+2_=1_+2_=3_\n 2  4  4  4  4", "3 3/4"],
];

const SIGNED: readonly Right[] = [
  ["3 - 8", "\n8-3=5\n-5", "−5"],
  ["-9 + 4", "\n-9+4=-5", "−5"],
  ["-7 - (-12)", "\n-7+12=5", "5"],
  ["-7 - (-12)", "\n-7-(-12)=-7+12\n=12-7\n=5", "5"],
  ["-4 × (-6)", "\n4×6=24\n-4×(-6)=24", "24"],
  ["6 - 9 + 4 - 3", "\n6+4=10\n9+3=12\n10-12=-2", "−2"],
  ["6 - 9 + 4 - 3", "\n6-9=-3\n-3+4=1\n1-3=-2", "−2"],
  ["-18 ÷ 3", "\n18÷3=6\n-18÷3=-6", "−6"],
  ["-5 - 8", "\n-5-8=-13", "−13"],
];

const MONEY: readonly Right[] = [
  ["$10 - $6.35", "\n10-6=4\n4-0.35=3.65", "3.65"],
  ["$0.45 + $0.80", "\n45c+80c=125c\n$1.25", "1.25"],
  ["$10 - $6.35", "\n10.00\n 6.35\n-----\n 3.65", "3.65"],
  ["$4.75 + $2.60", "\n $4.75\n+$2.60\n------\n $7.35", "7.35"],
  ["$4.75 + $2.60", "\n4+2=6\n75+60=135\n$7.35", "7.35"],
  ["$4.75 + $2.60", "\n$4.75+$2.60=$7.35", "7.35"],
  ["$1.85 × 3", "\n1.85×3=5.55", "5.55"],
  ["$1.85 × 3", "\n1.85+1.85=3.70\n3.70+1.85=5.55", "5.55"],
];

const UNITS: readonly Right[] = [
  ["4 lb 6 oz + 1 lb 5 oz", "\n 4lb 6oz\n+1lb 5oz\n--------\n 5lb11oz", "5 lb 11 oz", POUNDS],
  ["4 lb 6 oz + 1 lb 5 oz", "\n4lb+1lb=5lb\n6oz+5oz=11oz\n5lb11oz", "5 lb 11 oz", POUNDS],
  ["2 h 45 min + 1 h 30 min", "\n 2h45min\n 1h30min\n---------\n 4h15min", "4 h 15 min", HOURS],
  ["5 ft 2 in - 1 ft 10 in", "\n 4ft14in\n-1ft10in\n--------\n 3ft 4in", "3 ft 4 in", FEET],
  ["3 ft 8 in + 2 ft 9 in", "\n 3ft 8in\n+2ft 9in\n--------\n 5ft17in\n 6ft 5in", "6 ft 5 in", FEET],
  ["3 ft 8 in + 2 ft 9 in", "\n8+9=17\n17-12=5\n3+2+1=6\n6ft5in", "6 ft 5 in", FEET],
  ["8 lb 3 oz - 2 lb 9 oz", "\n 7lb19oz\n-2lb 9oz\n--------\n 5lb10oz", "5 lb 10 oz", POUNDS],
  ["8 lb 3 oz - 2 lb 9 oz", "\n8×16=128\n128+3=131\n2×16=32\n32+9=41\n131-41=90", "90", POUNDS],
  ["2 h 45 min + 1 h 30 min", "\n45+30=75\n75-60=15\n2+1+1=4\n4h15min", "4 h 15 min", HOURS],
  ["2 h 45 min + 1 h 30 min", "\n 2h45min\n+1h30min\n---------\n 3h75min\n 4h15min", "4 h 15 min", HOURS],
];

const CHAINS: readonly Right[] = [
  ["(8 + 4) × 3", "\n8+4=12\n12×3=36", "36"],
  ["(8 + 4) × 3", "\n(8+4)×3=12×3=36", "36"],
  ["20 - 3 × 4", "\n3×4=12\n20-12=8", "8"],
  ["20 - 3 × 4", "\n20-3×4\n=20-12\n=8", "8"],
  ["2 + 3 × 4", "\n3×4=12 2+12=14", "14"],
];

const ADDED_WRONG: readonly Wrong[] = [
  ["348 + 275", "\n 348\n+275\n----\n 61!3"],
  ["348 + 275", "\n 348\n+275\n----\n 622!"],
  ["348 + 275", "\n348+275=624!"],
  ["4.5 + 12 + 0.75", "\n4.5+12=16.5\n16.5+0.75=17.3!5"],
  ["6.4 + 2.85", "\n 6.40\n+2.85\n-----\n 92.!5", "point"],
  ["857 + 468", "\n 857\n+468\n----\n12!25"],
  ["348 + 275", "\n 38!4\n+275\n----\n 659", "copied"],
  ["0.8 + 0.75", "\n 0.8\n+0.75\n-----\n 1.6!5"],
  ["348 + 275", "\n  '1 '1\n 348\n+275\n----\n 7!23"],
];

const TAKEN_WRONG: readonly Wrong[] = [
  ["72.5 - 38", "\n38+2=40\n40+32.5=72.5\n2+32.5=35!.5"],
  ["72.5 - 38", "\n 72.5\n-38.0\n-----\n 4!4.5"],
  ["640 - 275", "\n 640\n-275\n----\n 43!5"],
  ["1000 - 364", "\n 1000\n- 364\n-----\n  7!36"],
  ["5.03 - 2.65", "\n 5.03\n-2.65\n-----\n 2.4!8"],
  ["12 - 4.75", "\n12.00\n 4.75\n-----\n 7.3!5"],
  ["72.5 - 38", "\n72.5-30=42.5\n42.5-8=35!.5"],
  ["640 - 275", "\n640-200=440\n440-75=37!5"],
  ["403 - 127", "\n 403\n-127\n----\n 28!6"],
  ["403 - 127", "\n 407!\n-127\n----\n 280", "copied"],
  ["5.03 - 2.65", "\n 5.03\n-2.65\n-----\n 23.!8", "point"],
  ["640 - 275", "\n 2!75\n-640\n----\n 435", "order"],
];

const MULTIPLIED_WRONG: readonly Wrong[] = [
  ["34 × 27", "\n  34\n× 27\n----\n 238\n 67!0\n----\n 908"],
  ["34 × 27", "\n34×20=680\n34×7=24!8\n680+248=928"],
  ["306 × 8", "\n 306\n×  8\n----\n240!8"],
  ["34 × 27", "\n  34\n× 27\n----\n 238\n 680\n----\n 90!8"],
  ["2.4 × 1.5", "\n 2.4\n×1.5\n----\n 120\n 24\n----\n 36.!0", "point"],
  ["34 × 27", "\n30×27=810\n4×27=108\n810+108=92!8"],
  ["34 × 27", "\n  34\n× 27\n----\n 238\n  68!\n----\n 306", "shifted"],
];

const AREAS_WRONG: readonly Wrong[] = [
  ["34 × 27", "\n   30  4\n20 600 80\n 7 210 24!\n\n600+80+210+24=914"],
  ["34 × 27", "\n   30  4\n20 600 80\n 7 210 28\n\n600+80+210+28=90!8"],
  ["46 × 7", "\n  40  6\n7 24!0 42\n240+42=282"],
];

const DIVIDED_WRONG: readonly Wrong[] = [
  ["8 ÷ 5", "\n 1.5!\n ---\n5|8.0"],
  ["624 ÷ 6", "\n 103!\n ---\n6|624"],
  ["8.61 ÷ 7", "\n7|8.61\n ----\n 1.24!"],
  ["945 ÷ 9", "\n945:9=106!\n9\n-\n045\n 54"],
  ["952 ÷ 28", "\n   33!\n  ---\n28|952\n  84\n  --\n  112\n   84\n  ---\n   28"],
  ["952 ÷ 28", "\n952:28=34\n84\n--\n12!2\n112\n---\n  0"],
  ["7.2 ÷ 3", "\n7.2:3=2.5!\n6\n-\n12\n15"],
  ["624 ÷ 6", "\n600÷6=100\n24÷6=3!\n100+3=103"],
];

const FRACTIONS_WRONG: readonly Wrong[] = [
  ["1/2 + 1/3", "\n1 1 2\n_+_=_\n2 3 5!"],
  ["5/6 - 1/4", "\n5 1 10  3  8!\n_-_=__-__=__\n6 4 12 12 12"],
  ["3/4 × 2/5", "\n3 2  5!\n_×_=__\n4 5 20"],
  ["10/12 in simplest form", "\n10 5\n__=_\n12 4!"],
  ["7/4 as a mixed number", "\n7  2!\n_=1_\n4  4"],
  ["3/4 ÷ 2/5", "\n3 2 3! 2\n_÷_=_×_\n4 5 4 5"],
];

const SIGNED_WRONG: readonly Wrong[] = [
  ["-7 - (-12)", "\n-7-(-12)=-7-!12\n=-19", "sign"],
  ["-18 ÷ 3", "\n-18÷3=6!", "sign"],
  ["6 - 9 + 4 - 3", "\n6-9=-3\n-3+4=7!\n7-3=4"],
  ["-5 - 8", "\n-5-8=-3!"],
  ["-5 - 8", "\n-5-8=1!3", "sign"],
];

const MONEY_WRONG: readonly Wrong[] = [
  ["$4.75 + $2.60", "\n4.75+2.60=73.!5"],
  ["$4.75 + $2.60", "\n $4.75\n+$2.60\n------\n $6!.35"],
  ["$1.85 × 3", "\n1.85×3=5.4!5"],
  ["$10 - $6.35", "\n10.00\n 6.35\n-----\n 4!.65"],
  ["$4.75 + $2.60", "\n$4.75+$2.60=$7.2!5"],
];

const UNITS_WRONG: readonly Wrong[] = [
  ["4 lb 6 oz + 1 lb 5 oz", "\n 4lb 6oz\n+1lb 5oz\n--------\n 5lb12!oz", undefined, POUNDS],
  ["4 lb 6 oz + 1 lb 5 oz", "\n 4lb 6oz\n+1lb 5oz\n--------\n 6!lb11oz", undefined, POUNDS],
  ["5 ft 2 in - 1 ft 10 in", "\n 4ft14in\n-1ft10in\n--------\n 3ft 5!in", undefined, FEET],
  ["2 h 45 min + 1 h 30 min", "\n 2h45min\n+1h30min\n---------\n 4!h75min", undefined, HOURS],
  ["3 ft 8 in + 2 ft 9 in", "\n8+9=17\n17-12=6!", undefined, FEET],
  ["2 h 45 min + 1 h 30 min", "\n45+30=8!5", undefined, HOURS],
];

const CHAINS_WRONG: readonly Wrong[] = [
  ["(8 + 4) × 3", "\n8+4=13!\n13×3=39"],
  ["20 - 3 × 4", "\n20-3×4\n=1!7×4\n=68"],
];

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
  { problem: "23 × 14", marks: lattice("14", "23", "2 8 3 12", " 322") },
  { problem: "34 × 27", marks: lattice("34", "27", "6 8 21 28", " 918") },
  { problem: "206 × 45", marks: lattice("206", "45", "8 0 24 10 0 30", " 9270") },
  { problem: "23 × 14", marks: lattice("23", "14", "2 3 8 13", " 323"), wrong: { col: 3, row: 2 } },
  { problem: "34 × 27", marks: lattice("34", "27", "6 8 24 28", " 948"), wrong: { col: 2, row: 2 } },
  { problem: "34 × 27", marks: lattice("34", "27", "6 8 21 28", " 908"), wrong: { col: 2, row: 3 } },
  { problem: "23 × 14", marks: lattice("23", "14", "2 3 8 12", " 222"), wrong: { col: 1, row: 2 } },
];

const rightCase = ([problem, paper, answer, units]: Right): PaperCase => ({
  problem,
  paper,
  ...(answer === undefined ? {} : { answer }),
  ...(units === undefined ? {} : { units }),
});
const wrongCase = ([problem, paper, kind, units]: Wrong): PaperCase => ({
  problem,
  paper,
  ...(kind === undefined ? {} : { kind }),
  ...(units === undefined ? {} : { units }),
});

export const MORE_RIGHT: readonly PaperCase[] = [
  ADDED,
  TAKEN,
  MULTIPLIED,
  AREAS,
  DIVIDED,
  FRACTIONS,
  SIGNED,
  MONEY,
  UNITS,
  CHAINS,
]
  .flat()
  .map(rightCase);

export const MORE_WRONG: readonly PaperCase[] = [
  ADDED_WRONG,
  TAKEN_WRONG,
  MULTIPLIED_WRONG,
  AREAS_WRONG,
  DIVIDED_WRONG,
  FRACTIONS_WRONG,
  SIGNED_WRONG,
  MONEY_WRONG,
  UNITS_WRONG,
  CHAINS_WRONG,
]
  .flat()
  .map(wrongCase);
