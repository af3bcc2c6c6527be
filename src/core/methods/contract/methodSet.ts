import type { HouseRules } from "../../house";
import { type Answer, isRight, PROBLEM_KINDS, type Problem, type ProblemKind } from "../../problem";
import type { BenchProblems, Method, Refusal, Solve, WorkingBy, WorkingToDraw } from "./method";
import { drawnSteps } from "./step";

/** A method that looks at any problem, and refuses those of other kinds. */
interface Taking<Why, Id extends string> {
  readonly id: Id;
  readonly sample: string;
  readonly bench: BenchProblems;
  /** The kinds of problems it is for. */
  readonly kinds: readonly ProblemKind[];
  /** The names of its decisions. */
  readonly decides: readonly string[];
  refuses(problem: Problem): Refusal | undefined;
  /** The problem worked with sound decisions, and others put over them. */
  work<Inner>(
    problem: Problem,
    house: HouseRules,
    solve: Solve<Inner>,
    other: object,
  ): WorkingToDraw<Why | Inner, Id>;
}

/** The methods for a kind of problem or for several, and which of them a house takes first. What a problem does not need, need not be loaded. */
export interface MethodSet<Why, Id extends string> {
  readonly kinds: readonly ProblemKind[];
  readonly methods: readonly Taking<Why, Id>[];
  /** The methods a house would take for a problem of these kinds, the one it likes best first. */
  prefers(problem: Problem, house: HouseRules): readonly Id[];
}

/** A set of methods for problems of some kinds. `seen` finds such a problem in any other: the same one, or one that can be seen so. */
export function methodSet<Why, Id extends string, Asked extends Problem>(
  kinds: readonly [ProblemKind, ...ProblemKind[]],
  seen: (problem: Problem) => Asked | undefined,
  methods: readonly Method<Id, Why, Asked, object, string>[],
  prefers: (problem: Asked, house: HouseRules) => readonly Id[],
): MethodSet<Why, Id> {
  return {
    kinds,
    methods: methods.map((method) => ({
      id: method.id,
      sample: method.sample,
      bench: method.bench,
      kinds,
      decides: Object.keys(method.sound),
      refuses: (problem) => {
        const asked = seen(problem);
        return asked === undefined ? { kind: "otherKind", worksOn: kinds[0] } : method.refuses(asked);
      },
      work: (problem, house, solve, other) => {
        const asked = seen(problem);
        if (asked === undefined) throw new Error(`${method.id} does not work ${problem.kind}`);
        const { answer, onPaper } = method.work(asked, house, { ...method.sound, ...other }, solve);
        return { answer, onPaper, problem, method: method.id, house };
      },
    })),
    prefers: (problem, house) => {
      const asked = seen(problem);
      return kinds.includes(problem.kind) && asked !== undefined ? prefers(asked, house) : [];
    },
  };
}

/** Some sets together: every problem whose kind stands on them can be worked. */
export interface LibraryBy<Why, Id extends string> {
  /** Every method, in the order of the sets. */
  readonly methods: readonly Taking<Why, Id>[];
  /** A method with its card: its sample, its problems for the bench, the names of its decisions. */
  card(id: Id): Taking<Why, Id>;
  /** Each method with none where it takes the problem, else why it does not. */
  methodsFor(problem: Problem): readonly { readonly id: Id; readonly refusal: Refusal | undefined }[];
  /** The method a house works a problem by, unless another is asked for. */
  preferredMethod(problem: Problem, house: HouseRules): Id;
  /**
   * The working of a problem, its answer verified against a library's exact arithmetic.
   * A disagreement is a bug and throws: a wrong answer is never shown.
   */
  workingOf(problem: Problem, house: HouseRules, wanted?: Id): WorkingBy<Why, Id>;
  /** The answer alone, verified in the same way: no step of it is made. */
  answerOf(problem: Problem, house: HouseRules, wanted?: Id): Answer;
  /** The house's own method where it is wanted, else the first wanted one that is for problems of its kind and takes it, else the house's all the same. */
  methodAmong(problem: Problem, house: HouseRules, wanted: readonly Id[]): Id;
  /**
   * A working by a method that takes the problem, with other decisions than sound ones. Nobody verifies it, and its
   * steps are not made yet; `solve` works what is left to others. Throws `Stuck` where the decisions can't go on.
   */
  workingOtherwise<Inner>(
    problem: Problem,
    house: HouseRules,
    method: Id,
    other: object,
    solve: Solve<Inner>,
  ): WorkingToDraw<Why | Inner, Id>;
}

/** A working with its steps and their marks made. */
export function drawn<Why, Id extends string>({
  answer,
  onPaper,
  problem,
  method,
  house,
}: WorkingToDraw<Why, Id>): WorkingBy<Why, Id> {
  const { layout, steps } = onPaper();
  return { answer, problem, method, house, layout, steps: drawnSteps(steps) };
}

export function libraryOf<Why, Id extends string>(sets: readonly MethodSet<Why, Id>[]): LibraryBy<Why, Id> {
  const methods = sets.flatMap((one) => one.methods);
  const byKind = new Map(
    PROBLEM_KINDS.map((kind) => [kind, sets.filter(({ kinds }) => kinds.includes(kind))]),
  );
  const byId = new Map<string, Taking<Why, Id>>(methods.map((method) => [method.id, method]));
  const card = (id: Id): Taking<Why, Id> => {
    const method = byId.get(id);
    if (method === undefined) throw new Error(`card: ${id} is in no set`);
    return method;
  };
  /** The wanted method where it takes the problem, else the first of the house's that does. */
  const methodFor = (problem: Problem, house: HouseRules, wanted: readonly Id[]): Taking<Why, Id> => {
    const preferred = (byKind.get(problem.kind) ?? []).flatMap((one) => one.prefers(problem, house));
    for (const id of [...wanted, ...preferred]) {
      const method = byId.get(id);
      if (method !== undefined && method.refuses(problem) === undefined) return method;
    }
    throw new Error(`methodFor: no method takes ${problem.kind} ${problem.op}`);
  };
  const worked = (problem: Problem, house: HouseRules, wanted?: Id): WorkingToDraw<Why, Id> => {
    const method = methodFor(problem, house, wanted === undefined ? [] : [wanted]);
    const working = method.work(problem, house, worked, {});
    if (!isRight(problem, working.answer)) {
      throw new Error(`workingOf: ${working.method} disagrees with exact arithmetic`);
    }
    return working;
  };
  const workingOf = (problem: Problem, house: HouseRules, wanted?: Id): WorkingBy<Why, Id> =>
    drawn(worked(problem, house, wanted));
  return {
    methods,
    card,
    methodsFor: (problem) => methods.map((method) => ({ id: method.id, refusal: method.refuses(problem) })),
    preferredMethod: (problem, house) => methodFor(problem, house, []).id,
    methodAmong: (problem, house, wanted) => {
      const preferred = methodFor(problem, house, []).id;
      if (wanted.length === 0 || wanted.includes(preferred)) return preferred;
      return methodFor(
        problem,
        house,
        wanted.filter((id) => byId.get(id)?.kinds.includes(problem.kind)),
      ).id;
    },
    workingOf,
    answerOf: (problem, house, wanted) => worked(problem, house, wanted).answer,
    workingOtherwise: (problem, house, method, other, solve) =>
      card(method).work(problem, house, solve, other),
  };
}
