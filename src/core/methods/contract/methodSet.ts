import type { HouseRules } from "../../house";
import { isRight, type Problem, type ProblemKind } from "../../problem";
import type { Method, MethodId, Refusal, Solve, WorkingBy } from "./method";

/** A method that looks at any problem, and refuses those of other kinds. */
interface Taking<Why> {
  readonly id: MethodId;
  refuses(problem: Problem): Refusal | undefined;
  work<Inner>(problem: Problem, house: HouseRules, solve: Solve<Inner>): WorkingBy<Why | Inner>;
}

/** The methods for one kind of problem, and which of them a house takes first. What a problem does not need, need not be loaded. */
export interface MethodSet<Why> {
  readonly kind: ProblemKind;
  readonly methods: readonly Taking<Why>[];
  /** The methods a house would take for a problem of this kind, the one it likes best first. */
  prefers(problem: Problem, house: HouseRules): readonly MethodId[];
}

/** A set of methods for problems of one kind. `seen` finds such a problem in any other: the same one, or one that can be seen so. */
export function methodSet<Why, Asked extends Problem>(
  kind: ProblemKind,
  seen: (problem: Problem) => Asked | undefined,
  methods: readonly Method<Why, Asked>[],
  prefers: (problem: Asked, house: HouseRules) => readonly MethodId[],
): MethodSet<Why> {
  return {
    kind,
    methods: methods.map((method) => ({
      id: method.id,
      refuses: (problem) => {
        const asked = seen(problem);
        return asked === undefined ? { kind: "otherKind", worksOn: kind } : method.refuses(asked);
      },
      work: (problem, house, solve) => {
        const asked = seen(problem);
        if (asked === undefined) throw new Error(`${method.id} does not work ${problem.kind}`);
        return { ...method.work(asked, house, solve), problem };
      },
    })),
    prefers: (problem, house) => {
      const asked = seen(problem);
      return problem.kind === kind && asked !== undefined ? prefers(asked, house) : [];
    },
  };
}

/** Some sets together: every problem whose kind stands on them can be worked. */
export interface Library<Why> {
  /** Each method with none where it takes the problem, else why it does not. */
  methodsFor(problem: Problem): readonly { readonly id: MethodId; readonly refusal: Refusal | undefined }[];
  /** The method a house works a problem by, unless another is asked for. */
  preferredMethod(problem: Problem, house: HouseRules): MethodId;
  /**
   * The working of a problem, its answer verified against a library's exact arithmetic.
   * A disagreement is a bug and throws: a wrong answer is never shown.
   */
  workingOf(problem: Problem, house: HouseRules, wanted?: MethodId): WorkingBy<Why>;
  /** A working that nobody verifies, by the first of the wanted methods that takes the problem; `solve` works what is left to others. */
  unverified<Inner>(
    problem: Problem,
    house: HouseRules,
    wanted: readonly MethodId[],
    solve: Solve<Inner>,
  ): WorkingBy<Why | Inner>;
  /** The house's own method where it is wanted, else the first wanted one that is for problems of its kind and takes it, else the house's all the same. */
  methodAmong(problem: Problem, house: HouseRules, wanted: readonly MethodId[]): MethodId;
}

export function libraryOf<Why>(sets: readonly MethodSet<Why>[]): Library<Why> {
  const methods = sets.flatMap((one) => one.methods);
  const byId = new Map(methods.map((method) => [method.id, method]));
  const byKind = new Map(sets.map((one) => [one.kind, one]));
  /** The wanted method where it takes the problem, else the first of the house's that does. */
  const methodFor = (problem: Problem, house: HouseRules, wanted: readonly MethodId[]): Taking<Why> => {
    const preferred = byKind.get(problem.kind)?.prefers(problem, house) ?? [];
    for (const id of [...wanted, ...preferred]) {
      const method = byId.get(id);
      if (method !== undefined && method.refuses(problem) === undefined) return method;
    }
    throw new Error(`methodFor: no method takes ${problem.kind} ${problem.op}`);
  };
  const workingOf = (problem: Problem, house: HouseRules, wanted?: MethodId): WorkingBy<Why> => {
    const working = methodFor(problem, house, wanted === undefined ? [] : [wanted]).work(
      problem,
      house,
      workingOf,
    );
    if (!isRight(problem, working.answer)) {
      throw new Error(`workingOf: ${working.method} disagrees with exact arithmetic`);
    }
    return working;
  };
  return {
    methodsFor: (problem) => methods.map((method) => ({ id: method.id, refusal: method.refuses(problem) })),
    preferredMethod: (problem, house) => methodFor(problem, house, []).id,
    methodAmong: (problem, house, wanted) => {
      const own = byKind.get(problem.kind)?.methods ?? [];
      const preferred = methodFor(problem, house, []).id;
      if (wanted.includes(preferred)) return preferred;
      return methodFor(
        problem,
        house,
        wanted.filter((id) => own.some((method) => method.id === id)),
      ).id;
    },
    workingOf,
    unverified: (problem, house, wanted, solve) =>
      methodFor(problem, house, wanted).work(problem, house, solve),
  };
}
