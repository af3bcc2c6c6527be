/** Papers as learners write them, drawn by hand: the ways that are sound though they look like none of ours, and errors at one mark. */
export interface PaperCase {
  readonly problem: string;
  readonly paper: string;
  readonly units?: readonly string[];
  /** What it must be read as coming to; not looked at where it is left out. */
  readonly answer?: string;
  /** Whether it is only begun. */
  readonly unfinished?: true;
  readonly kind?: string;
}

export const RIGHT: readonly PaperCase[] = [
  // Columns that are added.
  {
    problem: "386 + 247.5",
    answer: "633.5",
    paper: `
 386
+247.5
------
 633.5`,
  },
  {
    problem: "386 + 247.5",
    answer: "633.5",
    paper: `
386.0
247.5
-----
633.5`,
  },
  {
    problem: "386 + 247.5",
    answer: "633.5",
    paper: `
 247.5
+386
------
 633.5
  6+7=13`,
  },
  {
    problem: "386 + 247.5",
    answer: "633.5",
    paper: `
 11
 386
+247.5
------
 633.5`,
  },
  {
    problem: "386 + 247.5",
    answer: "633.5",
    paper: `
386+247.5

 386
 247.5
------
 633.5`,
  },
  {
    problem: "386 + 247.5",
    answer: "633.5",
    paper: `
 386
 247.5
 633.5`,
  },
  {
    problem: "7 + 0.35 + 12.6",
    answer: "19.95",
    paper: `
 7.00
 0.35
12.60
-----
19.95`,
  },
  {
    problem: "7 + 0.35 + 12.6",
    answer: "19.95",
    paper: `
 7
 0.35
12.6
-----
19.95`,
  },
  {
    problem: "7 + 0.35 + 12.6",
    answer: "19.95",
    paper: `
12.6
 7
-----
19.6
 0.35
-----
19.95`,
  },
  {
    problem: "7 + 0.35 + 12.6",
    answer: "19.95",
    paper: `
7+12.6=19.6
19.6+0.35=19.95`,
  },
  {
    problem: "386 + 247.5",
    answer: "633.5",
    paper: `
 386
+247.5
------
   0.5
  13
 12
 5
------
 633.5`,
  },
  {
    problem: "386 + 247",
    answer: "633",
    paper: `
 386
+247
----
  13
 120
 500
----
 633`,
  },
  // Columns that are taken away.
  {
    problem: "53.2 - 17.8",
    answer: "35.4",
    paper: `
 53.2
-17.8
-----
 35.4`,
  },
  {
    problem: "53.2 - 17.8",
    answer: "35.4",
    paper: `
 5/'4;3/'12;.2/'12;
-17.8
-----
 35.4`,
  },
  {
    problem: "53.2 - 17.8",
    answer: "35.4",
    paper: `
 53.2
-17.8
-----
 35.4

 35.4
+17.8
-----
 53.2`,
  },
  {
    problem: "53.2 - 17.8",
    answer: "35.4",
    paper: `
17.8+0.2=18
18+35=53
53+0.2=53.2
0.2+35+0.2=35.4`,
  },
  {
    problem: "53.2 - 17.8",
    answer: "35.4",
    paper: `
17.8
18  +0.2
20  +2
50  +30
53.2+3.2
    ----
    35.4`,
  },
  {
    problem: "53.2 - 17.8",
    answer: "35.4",
    paper: `
53.2-17.8
=53.4-18
=35.4`,
  },
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
