import type { PaperCase } from "./paperCase";

/** Columns that are added and taken away. */
export const RIGHT_COLUMNS: readonly PaperCase[] = [
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
];
