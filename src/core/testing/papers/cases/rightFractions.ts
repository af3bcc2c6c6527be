import type { PaperCase } from "./paperCase";

/** Fractions, and what comes behind them. */
export const RIGHT_FRACTIONS: readonly PaperCase[] = [
  // Fractions.
  {
    problem: "2/3 + 3/4",
    answer: "1 5/12",
    paper: `
2   8
_ =__
3  12
3   9
_ =__
4  12
 8  9 17    5
__+__=__ =1__
12 12 12   12`,
  },
  {
    problem: "2/3 + 3/4",
    answer: "1 10/24",
    paper: `
2  16
_ =__
3  24
3  18
_ =__
4  24
16 18 34   10
__+__=__ =1__
24 24 24   24`,
  },
  {
    problem: "1/4 + 1/4",
    answer: "2/4",
    paper: `
1 1 2
_+_=_
4 4 4`,
  },
  {
    problem: "5 - 3/8",
    answer: "4 5/8",
    paper: `
  8 3    5
4 _−_ =4 _
  8 8    8`,
  },
  {
    problem: "8 ÷ 5",
    answer: "1.6",
    paper: `
 1.6
 ---
5|8
 5
 -
 30
 30
 --
  0`,
  },
  {
    problem: "13/20 - 1/4",
    answer: "2/5",
    paper: `
13  5  8
__-__=__
20 20 20
 8 2
__=_
20 5`,
  },
  {
    problem: "7 + 0.35 + 12.6",
    answer: "19.95",
    paper: `
 7.0
 0.35
12.6
-----
19.95`,
  },
  {
    problem: "2 + 3 × 4",
    answer: "14",
    paper: `
3×4=12
2+12=14`,
  },
  {
    problem: "2 + 3 × 4",
    answer: "14",
    paper: `
2+3×4
=2+12
=14`,
  },
  {
    problem: "$10 - $6.35",
    answer: "3.65",
    paper: `
$6.35+5c=$6.40
+10c+2×25c=$7.00
+$3=$10.00
$0.05+$0.60+$3=$3.65`,
  },
  {
    problem: "386 + 247.5",
    answer: "633.5",
    paper: `
 386
+247.5
------
 62/'3;3.5`,
  },
  {
    problem: "53.2 - 17.8",
    answer: "35.4",
    paper: `
 53'1;.2'1;
-1'1;7'1;.8
-----
 35.4`,
  },
  {
    problem: "-7 - (-12)",
    answer: "5",
    paper: `
-7-(-12)
=-7+12
=5`,
  },
  {
    problem: "6 - 9 + 4 - 3",
    answer: "−2",
    paper: `
6-9=-3
-3+4=1
1-3=-2`,
  },
  {
    problem: "2 2/6 - 1 5/6",
    answer: "1/2",
    paper: `
2   14
_ 2=__
6   6
5   11
_ 1=__
6   6
14 11 3 1
__-__=_=_
6  6  6 2`,
  },
  {
    problem: "3/2 × 4/5",
    answer: "6/5",
    paper: `
3 4 12 6
_×_=__=_
2 5 10 5`,
  },
];
