import type { PaperCase } from "./paperCase";

/** Products and divisions. */
export const RIGHT_PRODUCTS: readonly PaperCase[] = [
  // Products.
  {
    problem: "46 × 23",
    answer: "1058",
    paper: `
  46
× 23
----
 138
 92
----
1058`,
  },
  {
    problem: "46 × 23",
    answer: "1058",
    paper: `
  23
× 46
----
 138
 92
----
1058`,
  },
  {
    problem: "46 × 23",
    answer: "1058",
    paper: `
  46
× 23
----
 920
 138
----
1058`,
  },
  {
    problem: "46 × 23",
    answer: "1058",
    paper: `
  46
× 23
----
  18
 120
 120
 800
----
1058`,
  },
  {
    problem: "46 × 23",
    answer: "1058",
    paper: `
46×23
-----
  138
  92
-----
 1058`,
  },
  {
    problem: "46 × 23",
    answer: "1058",
    paper: `
46×20=920
46×3=138
920+138=1058`,
  },
  {
    problem: "12.5 × 0.46",
    answer: "5.750",
    paper: `
 12.5
×0.46
----
 750
500
----
5.750`,
  },
  {
    problem: "46 × 7",
    answer: "322",
    paper: `
 46
× 7
---
322
6×7=42`,
  },
  // Divisions.
  {
    problem: "624 ÷ 6",
    answer: "104",
    paper: `
 104
 ---
6|624
 6
 -
  24
  24
  --
   0`,
  },
  {
    problem: "624 ÷ 6",
    answer: "104",
    paper: `
624÷6=104
6
-
024
 24
 --
  0`,
  },
  {
    problem: "8.61 ÷ 7",
    answer: "1.23",
    paper: `
 1.23
 ---
7|8.61
 7
 -
 16
 14
 --
  21
  21
  --
   0`,
  },
  {
    problem: "8.61 ÷ 7",
    answer: "1.23",
    paper: `
 1.23
 ---
7|8.6'1;1'2;`,
  },
  {
    problem: "8.61 ÷ 7",
    answer: "1.23",
    paper: `
7|8.61
 ---
 1.23`,
  },
  {
    problem: "624 ÷ 6",
    answer: "104",
    paper: `
624 |6
     ---
6    104
-
024
 24
 --
  0`,
  },
  {
    problem: "624 ÷ 6",
    answer: "104",
    paper: `
6|624
 600|100
 ---
  24
  24|  4
 ---
   0|104`,
  },
  {
    problem: "952 ÷ 28",
    answer: "34",
    paper: `
   34
  ---
28|952    28
  84      56
  --
  112     84
  112    112
  ---
    0`,
  },
];
