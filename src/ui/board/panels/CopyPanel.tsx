"use client";

import { Dialog } from "radix-ui";
import { type ReactElement, useState } from "react";
import { boardAfter } from "@/core/board";
import type { Run } from "@/core/checks";
import type { HouseRules } from "@/core/house";
import { joinerOf, writeAnswer, writeProblem } from "@/core/problem";
import { plain } from "@/core/wording";
import { boardLatex, boardMathml, problemLatex, problemMathml } from "@/render/formula";
import { boardSvg, drawnBoard } from "@/render/svg";
import { textBoard } from "@/render/text";
import { stepWords } from "../loaded/parts";
import { boardPng, paperInks } from "../page/boardPicture";
import { PanelHeading } from "./PanelHeading";

/** The problem and its working in the forms that other programs take, to be copied or saved. Loaded when it is first wanted. */
export default function CopyPanel({
  run,
  step,
  house,
  onClose,
}: {
  readonly run: Run;
  /** The step shown: what is copied is the board as it stands. */
  readonly step: number;
  readonly house: HouseRules;
  readonly onClose: () => void;
}): ReactElement {
  const [told, setTold] = useState("");
  const { problem, answer, layout: first } = run.working;
  const board = boardAfter(first, run.steps, step);
  const { layout } = board;
  const marks = [...board.settled, ...board.fresh];
  const line = `${writeProblem(problem, house)}${joinerOf(answer)}${writeAnswer(answer, house)}`;

  const copy = async (named: string, text: string): Promise<void> => {
    try {
      await navigator.clipboard.writeText(text);
      setTold(`${named}: copied.`);
    } catch {
      setTold(
        `${named}: the browser did not allow copying. Allow this page to use the clipboard and try again.`,
      );
    }
  };
  const save = (named: string, blob: Blob): void => {
    const link = document.createElement("a");
    link.href = URL.createObjectURL(blob);
    link.download = named;
    link.click();
    setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
    setTold(`${named}: saved.`);
  };
  const savePng = async (): Promise<void> => {
    const picture = await boardPng(drawnBoard(layout, marks, house), paperInks());
    if (picture) save("board.png", picture);
    else setTold("board.png: this browser could not draw the picture. Save the SVG instead.");
  };

  const lines = run.steps
    .slice(0, step)
    .map(({ reason }, index) => `${index + 1}. ${plain(stepWords(reason, house).say)}`);
  const texts: readonly { readonly named: string; readonly text: () => string }[] = [
    { named: "Problem as text", text: () => line },
    { named: "Problem as MathML", text: () => problemMathml(problem, answer, house) },
    { named: "Problem as LaTeX", text: () => problemLatex(problem, answer, house) },
    {
      named: "Working as text",
      text: () => `${line}\n\n${textBoard(board, house)}\n\n${lines.join("\n")}\n`,
    },
    { named: "Working as MathML", text: () => boardMathml(layout, marks, house) },
    { named: "Working as LaTeX", text: () => boardLatex(layout, marks, house) },
  ];

  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()} modal={false}>
      <Dialog.Portal>
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-[74px] right-3 z-30 w-[300px] rounded-2xl border border-edge bg-page p-4 shadow-sheet outline-none"
        >
          <PanelHeading title="Copy out" />
          <div className="flex flex-col gap-1.5">
            {texts.map(({ named, text }) => (
              <button key={named} type="button" onClick={() => copy(named, text())} className={BUTTON}>
                {named}
              </button>
            ))}
            <hr className="my-1 border-edge" />
            <button
              type="button"
              onClick={() =>
                save(
                  "board.svg",
                  new Blob([boardSvg(drawnBoard(layout, marks, house), paperInks())], {
                    type: "image/svg+xml",
                  }),
                )
              }
              className={BUTTON}
            >
              Board as SVG, saved
            </button>
            <button type="button" onClick={savePng} className={BUTTON}>
              Board as PNG, saved
            </button>
          </div>
          <p role="status" className="mt-2 min-h-5 text-note text-soft">
            {told}
          </p>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

const BUTTON = "min-h-10 rounded-lg border border-edge px-3 text-left text-note hover:bg-shade";
