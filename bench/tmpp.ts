import { askedOf } from "@/core/paper/asked";
import { judgePaper } from "@/core/paper/judgePaper";
import { RIGHT, WRONG } from "@/core/testing/papers/cases";
import { drawn } from "@/core/testing/papers/drawn";
import { problemOf } from "@/core/testing/problems";

let bad = 0;
for (const c of RIGHT) {
  const p = drawn(c.paper);
  const j = judgePaper({ marks: p.marks }, askedOf(problemOf(c.problem)), {
    settled: true,
    units: c.units ?? [],
  });
  const ok =
    !j.fault &&
    !j.aside &&
    (c.answer === undefined ? true : j.answer?.text === c.answer) &&
    (c.unfinished || j.state === "answered");
  if (!ok || process.argv[2] === "all") {
    bad++;
    console.log(
      ok ? "ok" : "RIGHT BAD",
      c.problem,
      c.paper,
      "fault",
      JSON.stringify(j.fault),
      "aside",
      JSON.stringify(j.aside),
      "answer",
      j.answer?.text,
      j.state,
      j.claims.map((k) => k.kind + ":" + k.state).join(" "),
    );
  }
}
for (const c of WRONG) {
  const p = drawn(c.paper);
  const j = judgePaper({ marks: p.marks }, askedOf(problemOf(c.problem)), {
    settled: true,
    units: c.units ?? [],
  });
  const w = p.wrong;
  const f = j.fault;
  const ok =
    f && w && f.at.row === w.row && f.at.col === w.col && (c.kind === undefined || c.kind === f.kind);
  if (!ok) {
    bad++;
    console.log(
      "WRONG BAD",
      c.problem,
      c.paper,
      "wanted",
      JSON.stringify(w),
      c.kind,
      "fault",
      JSON.stringify(j.fault),
      "answer",
      j.answer?.text,
      j.state,
      j.claims.map((k) => k.kind + ":" + k.state).join(" "),
    );
  }
}
console.log(RIGHT.length, WRONG.length, "bad", bad);
