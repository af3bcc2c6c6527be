import type { PaperCase } from "./paperCase";

export const WRONG: readonly PaperCase[] = [
  {
    problem: "386 + 247.5",
    paper: `
 386
+247.5
------
 62!3.5`,
  },
  {
    problem: "386 + 247.5",
    paper: `
 387!
+247.5
------
 634.5`,
    kind: "copied",
  },
  {
    problem: "12.5 + 3.46",
    kind: "point",
    paper: `
 12.5
+ 3.46
------
 159.!6`,
  },
  {
    problem: "7 + 0.35 + 12.6",
    kind: "misplaced",
    paper: `
   7!
 0.35
12.6`,
  },
  {
    problem: "53.2 - 17.8",
    paper: `
 53.2
-17.8
-----
 44.6!`,
  },
  {
    problem: "53.2 - 17.8",
    kind: "order",
    paper: `
 1!7.8
-53.2
-----
 44.6`,
  },
  {
    problem: "53.2 - 17.8",
    kind: "copied",
    paper: `
 52!.3
-17.8
-----
 34.5`,
  },
  {
    problem: "46 × 23",
    paper: `
  46
× 23
----
 14!8
 92
----
1068`,
  },
  {
    problem: "46 × 23",
    kind: "shifted",
    paper: `
  46
× 23
----
 138
  92!
----
 230`,
  },
  {
    problem: "46 × 23",
    paper: `
  46
× 23
----
 138
 92
----
106!8`,
  },
  {
    problem: "12.5 × 0.46",
    kind: "point",
    paper: `
 12.5
×0.46
----
 750
500
----
57.!50`,
  },
  {
    problem: "624 ÷ 6",
    paper: `
 14!
 ---
6|624`,
  },
  {
    problem: "624 ÷ 6",
    paper: `
624÷6=14!
6
-
 24
 24
 --
  0`,
  },
  {
    problem: "8.61 ÷ 7",
    paper: `
 1.23
 ---
7|8.61
 7
 -
 16
 14
 --
  3!1`,
  },
  {
    problem: "2/3 + 3/4",
    paper: `
2 3 5
_+_=_
3 4 7!`,
  },
  {
    problem: "2/3 + 3/4",
    paper: `
2   8
_ =__
3  12
3   6!
_ =__
4  12`,
  },
  {
    problem: "-7 - (-12)",
    kind: "sign",
    paper: `
-7-(-12)
=-7+12
=-5!`,
  },
  {
    problem: "-4 × (-6)",
    kind: "sign",
    paper: `
-4×(-6)=-2!4`,
  },
  {
    problem: "2/3 + 3/4",
    paper: `
8  6!  14
__+__=__
12 12 12`,
  },
  {
    problem: "12/18 in simplest form",
    paper: `
12 2!
__=_
18 9`,
  },
  {
    problem: "46 × 23",
    paper: `
  46
× 23
----
 138
 92
----
107!8`,
  },
  {
    problem: "2 + 3 × 4",
    paper: `
2+3×4
=5!×4
=20`,
  },
  {
    problem: "$10 - $6.35",
    paper: `
$6.35+5c=$6.40
+10c+3×25c=$7.00!`,
  },
  {
    problem: "3 × $1.85 + $0.60",
    paper: `
3×1.85=5.4!5
5.45+0.60=6.05`,
  },
  {
    problem: "38 + 25",
    kind: "copied",
    paper: `
 39!
+25
---
 64`,
  },
  {
    problem: "53.2 - 17.8",
    paper: `
 53.2
-17.8
-----
 4!5.4`,
  },
  {
    problem: "-3 + 5",
    paper: `
-3+5=8!`,
  },
  {
    problem: "12.5 + 3.4",
    kind: "misplaced",
    paper: `
 12.5
 3.4!`,
  },
];
