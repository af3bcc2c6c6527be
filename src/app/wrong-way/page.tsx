import type { Metadata } from "next";
import type { ReactElement } from "react";
import { readProblem, writeProblem } from "@/core/problem";
import { slipIdOf, wrongWays } from "@/core/slips";
import { boardAddress, readAddress } from "@/ui/board";
import { ROUTES } from "@/ui/routes";
import { choicesFor, NoWrongWay, WrongWayScreen, wrongWayOf } from "@/ui/slips";
import { savedHouse } from "../saved";

export const metadata: Metadata = { title: "The wrong way" };

export default async function WrongWayPage({
  searchParams,
}: {
  readonly searchParams: Promise<Record<string, string | string[] | undefined>>;
}): Promise<ReactElement> {
  const given = Object.fromEntries(
    Object.entries(await searchParams).map(([name, value]) => [name, [value].flat()[0]]),
  );
  const address = readAddress(given);
  const house = address.house ?? savedHouse();
  const problem = readProblem(address.problem ?? "", house);
  if (!problem.ok) return <NoWrongWay line={undefined} boardAddress={ROUTES.board} />;
  const line = writeProblem(problem.value, house);
  const back = boardAddress({ problem: line, house, ...(address.method ? { method: address.method } : {}) });
  const choices = choicesFor(wrongWays(problem.value, house), house);
  const asked = (given.slips ?? "").split(",").flatMap((id) => slipIdOf(id) ?? []);
  const slips = asked.length > 0 ? asked.slice(0, 2) : (choices[0]?.slips ?? []);
  const way = wrongWayOf(problem.value, house, slips, given.given);
  if (way === undefined) return <NoWrongWay line={line} boardAddress={back} />;
  return <WrongWayScreen key={slips.join()} way={way} choices={choices} house={house} boardAddress={back} />;
}
