import type { Metadata } from "next";
import type { ReactElement } from "react";
import { patternIdOf } from "@/core/errorPatterns";
import { choicesOf } from "@/core/house";
import { readProblem, writeProblem } from "@/core/problem";
import { ROUTES } from "@/service/routes";
import { compute } from "@/threads/pool";
import { boardAddress, readAddress } from "@/ui/board";
import { NoWrongWay, WrongWayScreen } from "@/ui/wrongWay";
import { type Parameters, parametersOf } from "../reading/parameters";
import { savedHouse } from "../reading/saved";
import { TooMuch } from "../TooMuch";

export const metadata: Metadata = { title: "The wrong way" };

export default async function WrongWayPage({
  searchParams,
}: {
  readonly searchParams: Parameters;
}): Promise<ReactElement> {
  const given = await parametersOf(searchParams);
  const address = readAddress(given);
  const house = address.house ?? savedHouse();
  const problem = readProblem(address.problem ?? "", house);
  if (!problem.ok) return <NoWrongWay line={undefined} boardAddress={ROUTES.board} />;
  const line = writeProblem(problem.value, house);
  const back = boardAddress({ problem: line, house, ...(address.method ? { method: address.method } : {}) });
  const asked = (given.patterns ?? "").split(",", 2).flatMap((id) => patternIdOf(id) ?? []);
  const found = await compute("wrongWay", {
    line,
    house: choicesOf(house),
    patterns: asked,
    given: given.given,
  });
  if (!found.ok) return <TooMuch message={found.error.message} />;
  const { choices, patterns, way } = found.value;
  if (way === undefined) return <NoWrongWay line={line} boardAddress={back} />;
  return (
    <WrongWayScreen key={patterns.join()} way={way} choices={choices} house={house} boardAddress={back} />
  );
}
