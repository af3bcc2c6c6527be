import type { HouseRules } from "../../house";
import { type Answer, isRight, PROBLEM_KINDS, type Problem, type ProblemKind } from "../../problem";
import { done, failed, type Result } from "../../result";
import type { BenchProblems, Method, MethodRefusal } from "./method";
import { drawnSteps, type StepToDraw } from "./step";
import type { Solve, WorkingBy, WorkingToDraw } from "./working";

/** A method that looks at any problem, and refuses those of other kinds. */
interface Taking<Why, Id extends string> {
  readonly id: Id;
  readonly sample: string;
  readonly bench: BenchProblems;
  /** The kinds of problems it is for. */
  readonly kinds: readonly ProblemKind[];
  /** The names of its decisions. */
  readonly decides: readonly string[];
  /** The problem ready to be worked, or why it is not taken. */
  takes(problem: Problem): Result<Ready<Why, Id>, MethodRefusal>;
}

/** A problem that a method took, to be worked with sound decisions, and others put over them. */
interface Ready<Why, Id extends string> {
  work<Inner>(house: HouseRules, solve: Solve<Inner>, other: object): WorkingToDraw<Why | Inner, Id>;
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
      takes: (problem) => {
        const asked = seen(problem);
        if (asked === undefined) return failed({ kind: "otherKind", worksOn: kinds[0] });
        const taken = method.takes(asked);
        if (!taken.ok) return taken;
        return done({
          work: (house, solve, other) => {
            const { answer, onPaper } = taken.value.work({
              house,
              decisions: { ...method.sound, ...other },
              solve,
            });
            return { answer, onPaper, problem, method: method.id, house };
          },
        });
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
  methodsFor(problem: Problem): readonly { readonly id: Id; readonly refusal: MethodRefusal | undefined }[];
  /** The method a house works a problem by, unless another is asked for. */
  preferredMethod(problem: Problem, house: HouseRules): Id;
  /**
   * The working of a problem, its answer verified against a library's exact arithmetic.
   * A disagreement is a bug and throws: a wrong answer is never shown.
   */
  workingOf(problem: Problem, house: HouseRules, wanted?: Id): WorkingBy<Why, Id>;
  /** The same with its marks still to be made, for what is only counted. */
  workingInSteps(problem: Problem, house: HouseRules): WorkingInSteps<Why, Id>;
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

/** A working whose steps are made and their marks not yet: all that is counted of it, and `drawn` where it is to be seen. */
export interface WorkingInSteps<Why, Id extends string>
  extends Pick<WorkingBy<Why, Id>, "answer" | "problem" | "method" | "house"> {
  readonly steps: readonly Pick<StepToDraw<Why>, "reason">[];
  drawn(): WorkingBy<Why, Id>;
}

function inSteps<Why, Id extends string>({
  answer,
  onPaper,
  problem,
  method,
  house,
}: WorkingToDraw<Why, Id>): WorkingInSteps<Why, Id> {
  const { layout, steps } = onPaper();
  return {
    answer,
    problem,
    method,
    house,
    steps,
    drawn: () => ({ answer, problem, method, house, layout, steps: drawnSteps(steps) }),
  };
}

/** A working with its steps and their marks made. */
export const drawn = <Why, Id extends string>(working: WorkingToDraw<Why, Id>): WorkingBy<Why, Id> =>
  inSteps(working).drawn();

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
  /** What each method says to a problem, asked once: explaining works one problem in very many ways. */
  const said = new WeakMap<Problem, Map<Id, Result<Ready<Why, Id>, MethodRefusal>>>();
  const takenBy = (id: Id, problem: Problem): Result<Ready<Why, Id>, MethodRefusal> => {
    const ofProblem = said.get(problem) ?? new Map<Id, Result<Ready<Why, Id>, MethodRefusal>>();
    said.set(problem, ofProblem);
    const answer = ofProblem.get(id) ?? card(id).takes(problem);
    ofProblem.set(id, answer);
    return answer;
  };
  /** The wanted method where it takes the problem, else the first of the house's that does. */
  const methodFor = (
    problem: Problem,
    house: HouseRules,
    wanted: readonly Id[],
  ): { readonly id: Id; readonly ready: Ready<Why, Id> } => {
    const first = (ids: readonly Id[]): { readonly id: Id; readonly ready: Ready<Why, Id> } | undefined => {
      for (const id of ids) {
        const taken = takenBy(id, problem);
        if (taken.ok) return { id, ready: taken.value };
      }
      return undefined;
    };
    const found = first(wanted);
    if (found !== undefined) return found;
    for (const { prefers } of byKind.get(problem.kind) ?? []) {
      const preferred = first(prefers(problem, house));
      if (preferred !== undefined) return preferred;
    }
    throw new Error(`methodFor: no method takes ${problem.kind} ${problem.op}`);
  };
  const worked = (problem: Problem, house: HouseRules, wanted?: Id): WorkingToDraw<Why, Id> => {
    const { ready } = methodFor(problem, house, wanted === undefined ? [] : [wanted]);
    const working = ready.work(house, worked, {});
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
    methodsFor: (problem) =>
      methods.map(({ id, takes }) => {
        const taken = takes(problem);
        return { id, refusal: taken.ok ? undefined : taken.error };
      }),
    preferredMethod: (problem, house) => methodFor(problem, house, []).id,
    methodAmong: (problem, house, wanted) => {
      const fit = wanted.filter((id) => byId.get(id)?.kinds.includes(problem.kind));
      // Where one only is wanted, it is the house's own or comes before it: no need to ask for that.
      if (fit.length > 1 || fit.length < wanted.length) {
        const preferred = methodFor(problem, house, []).id;
        if (wanted.includes(preferred)) return preferred;
      }
      return methodFor(problem, house, fit).id;
    },
    workingOf,
    workingInSteps: (problem, house) => inSteps(worked(problem, house)),
    answerOf: (problem, house, wanted) => worked(problem, house, wanted).answer,
    workingOtherwise: (problem, house, method, other, solve) => {
      const taken = takenBy(method, problem);
      if (!taken.ok)
        throw new Error(`workingOtherwise: ${method} does not take ${problem.kind} ${problem.op}`);
      return taken.value.work(house, solve, other);
    },
  };
}
