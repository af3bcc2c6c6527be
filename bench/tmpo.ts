import fc from "fast-check";
import { pagesOf } from "@/core/board";
import { PRESETS } from "@/core/house";
import { METHOD_IDS, workingOf } from "@/core/methods";
import { askedOf } from "@/core/paper/asked";
import { judgePaper } from "@/core/paper/judgePaper";
import { isMeasure, operandsOf, writeProblem } from "@/core/problem";
import { unitOf } from "@/core/quantity";
import { anyProblemFor } from "@/core/testing/arbitrary";

const n = Number(process.argv[2] ?? 10),
  only = process.argv[3];
const draw = (marks: readonly any[]) => {
  const rows = new Map<number, Map<number, string>>();
  for (const m of marks) {
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
    }
  }
  return [...rows]
    .sort((a, b) => a[0] - b[0])
    .map(([y, r]) => {
      let s = "";
      const lo = Math.min(...[...rows.values()].flatMap((q) => [...q.keys()]));
      for (let k = lo; k <= Math.max(...r.keys()); k++) s += r.get(k) ?? " ";
      return String(y).padStart(5) + " " + s;
    })
    .join("\n");
};
for (const m of METHOD_IDS) {
  if (only && m !== only) continue;
  let total = 0,
    bad = 0,
    crash = 0;
  let shown = 0;
  for (const [i, p] of fc.sample(anyProblemFor(m), { numRuns: n, seed: 5 }).entries()) {
    const hs = Object.values(PRESETS);
    const h = hs[i % hs.length]!;
    const w = workingOf(p, h, m);
    const units = [
      ...new Set(
        operandsOf(p)
          .filter(isMeasure)
          .flatMap((x) => x.parts.map((y) => unitOf(y.unit).symbol)),
      ),
    ];
    for (const page of pagesOf(w.layout, w.steps)) {
      const marks = page.writings.flatMap((s) => s.marks);
      if (!marks.length) continue;
      total++;
      try {
        const j = judgePaper({ marks }, askedOf(p), { settled: true, units });
        if (j.fault || j.aside) {
          bad++;
          if (shown++ < Number(process.argv[4] ?? 0))
            console.log(
              m,
              writeProblem(p, h),
              JSON.stringify(j.fault ?? j.aside),
              j.claims.map((k) => k.kind + ":" + k.state).join(" "),
              "\n" + draw(marks),
            );
        }
      } catch (e) {
        crash++;
        if (crash < 2) console.log(m, writeProblem(p, h), String((e as Error).stack).slice(0, 400));
      }
    }
  }
  console.log(m.padEnd(28), total, bad, crash);
}
