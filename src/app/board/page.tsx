import type { Metadata } from "next";
import type { ReactElement } from "react";
import { database, findBoard } from "@/data";
import { BoardScreen, readAddress, startOfBoard } from "@/ui/board";
import { newId } from "@/ui/ids";
import { type Parameters, parametersOf } from "../reading/parameters";
import { savedHouse, savedView } from "../reading/saved";

export const metadata: Metadata = { title: "Board" };

export default async function BoardPage({
  searchParams,
}: {
  readonly searchParams: Parameters;
}): Promise<ReactElement> {
  const parameters = await parametersOf(searchParams);
  const address = readAddress(parameters);
  const found = address.id === undefined ? undefined : findBoard(database(), address.id);
  const { start, kept, parts } = startOfBoard(address, found, savedHouse());
  return (
    <BoardScreen
      key={start.open?.id ?? newId()}
      parts={parts}
      start={start}
      kept={kept}
      revision={start.open !== undefined && start.open.id === found?.id ? found.revision : 0}
      // What is worked together begins with the questions, whatever the tutor has open otherwise.
      startView={parameters.ask === undefined ? savedView() : { ...savedView(), sayLine: false }}
    />
  );
}
