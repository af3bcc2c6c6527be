import type { Metadata } from "next";
import type { ReactElement } from "react";
import { database, findBoard } from "@/data";
import { BoardScreen, readAddress, startOfBoard } from "@/ui/board";
import { savedHouse, savedView } from "../saved";

export const metadata: Metadata = { title: "Board" };

export default async function BoardPage({
  searchParams,
}: {
  readonly searchParams: Promise<Record<string, string | string[] | undefined>>;
}): Promise<ReactElement> {
  const given = Object.entries(await searchParams).map(([name, value]) => [name, [value].flat()[0]]);
  const address = readAddress(Object.fromEntries(given));
  const found = address.id === undefined ? undefined : findBoard(database(), address.id);
  const { start, kept, kits } = startOfBoard(address, found, savedHouse());
  return (
    <BoardScreen
      key={start.open?.id ?? "blank"}
      kits={kits}
      start={start}
      kept={kept}
      startView={savedView()}
    />
  );
}
