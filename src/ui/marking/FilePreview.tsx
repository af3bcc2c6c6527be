"use client";

import { Dialog } from "radix-ui";
import type { ReactElement } from "react";
import { Button } from "../parts/Button";
import type { FileSheet } from "./state/sheetFile";

/** How many problems and learners of a file are shown before it is read in. */
const SHOWN = 6;

const number = (count: number, one: string, many: string): string => `${count} ${count === 1 ? one : many}`;

/** What a file would bring onto the sheet, and what not, before anything is written. */
export default function FilePreview({
  name,
  sheet,
  onTake,
  onClose,
}: {
  readonly name: string;
  readonly sheet: FileSheet;
  readonly onTake: () => void;
  readonly onClose: () => void;
}): ReactElement {
  const { problems, learners, answers, changed, leftOut } = sheet;
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-ink/30" />
        <Dialog.Content className="fixed top-1/2 left-1/2 z-40 flex max-h-[90vh] w-[min(720px,94vw)] -translate-1/2 flex-col rounded-2xl border border-edge bg-page p-6 shadow-sheet">
          <Dialog.Title className="text-lead font-semibold wrap-anywhere">{name}</Dialog.Title>
          <Dialog.Description className="mt-1 text-note text-soft">
            {number(problems.length, "problem", "problems")}, {number(learners.length, "learner", "learners")}
            , {number(answers, "answer", "answers")}. Nothing is on the sheet yet.
          </Dialog.Description>
          <div className="mt-3 min-h-0 flex-1 overflow-auto">
            <Told title="Would be left out" lines={leftOut} tone="rust" />
            <Told title="Would be changed" lines={changed} tone="straw" />
            {problems.length > 0 && (
              <table className="mt-3 border-separate border-spacing-0 text-note">
                <thead>
                  <tr>
                    <th scope="col" className="py-1 pr-6 text-left text-small font-normal text-soft">
                      Problem
                    </th>
                    {learners.slice(0, SHOWN).map((learner) => (
                      <th key={learner.name} scope="col" className="px-3 py-1 text-left font-semibold">
                        {learner.name}
                      </th>
                    ))}
                  </tr>
                </thead>
                <tbody>
                  {problems.slice(0, SHOWN).map((problem, row) => (
                    // biome-ignore lint/suspicious/noArrayIndexKey: a file may have the same problem twice
                    <tr key={row}>
                      <th
                        scope="row"
                        className="border-t border-edge py-1.5 pr-6 text-left font-board font-normal"
                      >
                        {problem}
                      </th>
                      {learners.slice(0, SHOWN).map((learner) => (
                        <td key={learner.name} className="border-t border-edge px-3 py-1.5 font-board">
                          {learner.answers[row]}
                        </td>
                      ))}
                    </tr>
                  ))}
                </tbody>
              </table>
            )}
            {(problems.length > SHOWN || learners.length > SHOWN) && (
              <p className="mt-2 text-small text-soft">Only the beginning is shown here.</p>
            )}
          </div>
          <div className="mt-4 flex flex-wrap justify-end gap-3">
            <Dialog.Close className="h-11 rounded-xl px-4 font-semibold text-soft hover:bg-shade hover:text-ink">
              Leave the sheet as it is
            </Dialog.Close>
            <Button look="main" disabled={problems.length === 0} onClick={onTake}>
              Put it on the sheet
            </Button>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function Told({
  title,
  lines,
  tone,
}: {
  readonly title: string;
  readonly lines: readonly string[];
  readonly tone: "rust" | "straw";
}): ReactElement | null {
  if (lines.length === 0) return null;
  return (
    <section className="mb-3">
      <h3
        data-tone={tone}
        className="text-note font-semibold data-[tone=rust]:text-rust data-[tone=straw]:text-straw"
      >
        {title}
      </h3>
      <ul className="mt-1 list-disc pl-5 text-note leading-snug">
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </section>
  );
}
