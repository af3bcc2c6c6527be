import { askedOf } from "@/core/paper/asked";
import { judgePaper } from "@/core/paper/judgePaper";
import { writtenPapers } from "@/core/testing/papers";
import { problemOf } from "@/core/testing/problems";

const tally = new Map<string, [number, number]>();
const shown = new Map<string, number>();
const time: number[] = [];
for (const p of writtenPapers(Number(process.argv[2] ?? 60), 11)) {
  if (p.wrong) continue;
  const asked = askedOf(problemOf(p.problem));
  let bad = false;
  const t = tally.get(p.kind) ?? [0, 0];
  tally.set(p.kind, t);
  t[0]++;
  for (let n = 1; n <= p.marks.length; n++) {
    const f = performance.now();
    const j = judgePaper({ marks: p.marks.slice(0, n) }, asked, { settled: false, units: p.units ?? [] });
    time.push(performance.now() - f);
    if (j.fault && !bad) {
      bad = true;
      t[1]++;
      const k = p.kind;
      if ((shown.get(k) ?? 0) < Number(process.argv[3] ?? 2)) {
        shown.set(k, (shown.get(k) ?? 0) + 1);
        console.log(
          k,
          p.way,
          p.problem,
          "after",
          n,
          "of",
          p.marks.length,
          JSON.stringify(
            p.marks
              .slice(Math.max(0, n - 4), n)
              .map((m) => ("text" in m ? m.text + "@" + ("col" in m ? m.col : "") + "," + m.row : m.kind)),
          ),
          JSON.stringify(j.fault),
        );
      }
    }
  }
}
console.log([...tally].map(([k, [a, b]]) => `${k} ${b}/${a}`).join("  "));
time.sort((a, b) => a - b);
console.log(
  "ms p50",
  time[Math.floor(time.length / 2)],
  "p95",
  time[Math.floor(time.length * 0.95)],
  "max",
  time.at(-1),
);
