import { askedOf } from "@/core/paper/asked";
import { judgePaper } from "@/core/paper/judgePaper";
import { type WrittenPaper, writtenPapers } from "@/core/testing/papers";
import { problemOf } from "@/core/testing/problems";

const each = Number(process.argv[2] ?? 60),
  only = process.argv[3],
  show = Number(process.argv[4] ?? 3);
const grid = (p: WrittenPaper) => {
  const rows = new Map<number, Map<number, string>>();
  const minc = 0;
  for (const m of p.marks) {
    if (m.kind === "glyph") {
      const r = rows.get(m.row) ?? new Map();
      r.set(m.col * 2 + 1, m.text);
      rows.set(m.row, r);
    } else if (m.kind === "point") {
      const r = rows.get(m.row) ?? new Map();
      r.set(m.line * 2, ".");
      rows.set(m.row, r);
    } else if (m.kind === "upright") {
      for (let y = m.row; y < m.to; y++) {
        const r = rows.get(y) ?? new Map();
        r.set(m.line * 2, "|");
        rows.set(y, r);
      }
    } else if (m.kind === "small") {
      const r = rows.get(m.row) ?? new Map();
      const k = m.col * 2 + 1;
      r.set(k, (r.get(k) ?? "") + "'" + m.text);
      rows.set(m.row, r);
    } else if (m.kind === "rule") {
      const r = rows.get(m.row - 0.5) ?? new Map();
      for (let c = m.from; c < m.to; c++) {
        r.set(c * 2 + 1, "-");
        r.set(c * 2 + 2, "-");
      }
      rows.set(m.row - 0.5, r);
    } else if (m.kind === "jump") {
      const r = rows.get(m.row - 1) ?? new Map();
      r.set(m.from * 2, "(" + m.from + ">" + m.to + ")");
      rows.set(m.row - 1, r);
    }
  }
  return [...rows]
    .sort((a, b) => a[0] - b[0])
    .map(([y, r]) => {
      let s = "";
      for (let k = 0; k <= Math.max(...r.keys()); k++) s += r.get(k) ?? " ";
      return String(y).padStart(4) + " " + s;
    })
    .join("\n");
};
const tally = new Map<string, number[]>();
const shown = new Map<string, number>();
for (const p of writtenPapers(each, 11)) {
  if (only && p.kind !== only) continue;
  const t = tally.get(p.kind) ?? [0, 0, 0, 0, 0, 0, 0];
  tally.set(p.kind, t);
  const j = judgePaper({ marks: p.marks }, askedOf(problemOf(p.problem)), {
    settled: true,
    units: p.units ?? [],
  });
  let bad = "";
  const norm = (x?: string) =>
    x
      ?.replace(/\s/g, "")
      .replace(/(\.\d*?)0+$/, "$1")
      .replace(/\.$/, "");
  if (!p.wrong) {
    t[0]++;
    if (j.fault || j.aside) {
      t[1]++;
      bad = "ALARM";
    } else if (norm(j.answer?.text) !== norm(p.answer)) {
      t[2]++;
      bad = "ANSWER";
    }
  } else {
    t[3]++;
    if (!j.fault) {
      t[4]++;
      bad = "MISSED";
    } else if (!p.wrong.some((w) => w.col === j.fault!.at.col && w.row === j.fault!.at.row)) {
      t[5]++;
      bad = "PLACE";
    }
  }
  if (bad && (shown.get(p.kind + bad) ?? 0) < show) {
    shown.set(p.kind + bad, (shown.get(p.kind + bad) ?? 0) + 1);
    console.log(
      "##",
      bad,
      p.kind,
      p.way,
      p.problem,
      "=",
      p.answer,
      "wrong",
      JSON.stringify(p.wrong),
      "fault",
      JSON.stringify(j.fault ?? j.aside),
      "answer",
      j.answer?.text,
      j.claims.map((k) => k.kind + ":" + k.state).join(" "),
      "\n" + grid(p),
    );
  }
}
console.log("kind right alarms answers | wrong missed place");
for (const [k, t] of tally) console.log(k.padEnd(16), t.join(" "));
