import type { ReactElement } from "react";
import { PlaceLink } from "../parts/PlaceLink";

/** What stands in place of a wrong way where there is none to show. */
export const NoWrongWay = ({
  line,
  boardAddress,
}: {
  readonly line: string | undefined;
  readonly boardAddress: string;
}): ReactElement => (
  <main className="mx-auto max-w-[640px] px-8 py-12">
    <h1 className="text-head font-semibold">The wrong way</h1>
    <p className="mt-3 text-body leading-relaxed">
      {line === undefined
        ? "There is no problem here to go wrong on. Type one on the Board, then press W."
        : `No error pattern of the catalogue leads to a wrong answer to ${line}. It may have too few digits to go wrong on: try one with a carry, a zero or numbers of unequal length.`}
    </p>
    <PlaceLink href={boardAddress} look="words" className="mt-4">
      To the Board
    </PlaceLink>
  </main>
);
