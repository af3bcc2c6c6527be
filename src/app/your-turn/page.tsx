import type { Metadata } from "next";
import { redirect } from "next/navigation";
import type { ReactElement } from "react";
import { choicesOf } from "@/core/house";
import { GIVEN_PARTS, givenMarks } from "@/core/learnerTask";
import type { MethodId } from "@/core/methods";
import { readProblem, writeProblem } from "@/core/problem";
import { database, listLearners } from "@/data";
import { ROUTES } from "@/service/routes";
import { compute } from "@/threads/pool";
import { boardAddress, readAddress } from "@/ui/board";
import { TaskScreen } from "@/ui/learnerTask";
import { type Parameters, parametersOf } from "../reading/parameters";
import { savedHouse } from "../reading/saved";
import { TooMuch } from "../TooMuch";

export const metadata: Metadata = { title: "Your turn" };

/** The square of the paper where what is given begins. */
const FROM = { col: 3, row: 3 };

export default async function YourTurnPage({
  searchParams,
}: {
  readonly searchParams: Parameters;
}): Promise<ReactElement> {
  const parameters = await parametersOf(searchParams);
  const address = readAddress(parameters);
  const house = address.house ?? savedHouse();
  const problem = readProblem(address.problem ?? "", house);
  if (!problem.ok) redirect(ROUTES.board);
  const line = writeProblem(problem.value, house);
  // The Board hands over with its own method; only a chosen one is fixed.
  const fixed = parameters.fixed === undefined ? undefined : address.method;
  const part = GIVEN_PARTS.find((one) => one === parameters.part) ?? "blank";
  const worked = await compute("turn", { line, house: choicesOf(house), fixed });
  if (!worked.ok) return <TooMuch message={worked.error.message} />;
  const turn = worked.value;
  const shown = turn.ways.find(({ method }) => method === (fixed ?? address.method)) ?? turn.ways[0];
  const at = (method: MethodId | undefined, fix: boolean, given: string): string => {
    const board = boardAddress({ problem: line, house, ...(method ? { method } : {}) });
    const query = board.slice(board.indexOf("?"));
    return `${ROUTES.yourTurn}${query}${fix ? "&fixed=1" : ""}&part=${given}`;
  };
  const method = fixed ?? address.method;
  return (
    <TaskScreen
      key={`${line} ${fixed} ${part}`}
      turn={turn}
      house={house}
      fixed={fixed}
      part={part}
      given={shown === undefined ? [] : givenMarks(shown, turn, part, FROM.col, FROM.row)}
      learners={listLearners(database())}
      learner={parameters.learner ?? ""}
      addresses={{
        board: boardAddress({ problem: line, house, ...(address.method ? { method: address.method } : {}) }),
        parts: {
          blank: at(method, fixed !== undefined, "blank"),
          setOut: at(method, fixed !== undefined, "setOut"),
          allButAnswer: at(method, fixed !== undefined, "allButAnswer"),
          oneMissing: at(method, fixed !== undefined, "oneMissing"),
        },
        methods: [
          { id: "", name: "Any sound one", address: at(undefined, false, part) },
          ...turn.methods.map(({ id, name }) => ({ id, name, address: at(id, true, part) })),
        ],
      }}
    />
  );
}
