import { operandsOf, type Problem } from "../problem";
import type { Strand } from "../sheets";

/** The strand of the ladder that a problem belongs to: what is probed where nobody knows what is behind wrong answers to it. */
export function strandOf(problem: Problem): Strand {
  switch (problem.kind) {
    case "decimals":
      return ofDecimals(problem.op);
    case "fractions": {
      if (problem.op === "compare" || problem.op === "order") return "comparing";
      const hasMixed = operandsOf(problem).some(({ kind }) => kind === "mixed");
      return hasMixed || problem.form.kind === "asMixed" ? "mixedNumbers" : "fractions";
    }
    case "signed":
      return "signed";
    case "money":
      return "money";
    case "measures":
      return "units";
    case "quantities":
      return "comparing";
    case "chain":
      return "chains";
  }
}

function ofDecimals(op: Extract<Problem, { readonly kind: "decimals" }>["op"]): Strand {
  switch (op) {
    case "add":
    case "subtract":
      return "addingSubtracting";
    case "multiply":
      return "multiplying";
    case "divide":
      return "dividing";
    case "compare":
    case "order":
      return "comparing";
    case "round":
      return "places";
  }
}
