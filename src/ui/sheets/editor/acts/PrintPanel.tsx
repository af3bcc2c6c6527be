"use client";

import { Printer } from "lucide-react";
import { useRouter } from "next/navigation";
import { type ReactElement, useState } from "react";
import { GIVEN_NAMES } from "../../../learnerTask/givenNames";
import { LOOKS } from "../../../parts/looks";
import { Choose, Panel } from "./Panel";

/** How a sheet is printed, as the panel has it: each setting as the address of the PDF writes it. */
type Choices = Readonly<
  Record<
    | "paper"
    | "turned"
    | "layout"
    | "columns"
    | "given"
    | "picture"
    | "large"
    | "nameAndDate"
    | "tearOff"
    | "key",
    string
  >
>;

const USUAL: Choices = {
  paper: "a4",
  turned: "0",
  layout: "squares",
  columns: "2",
  given: "blank",
  picture: "none",
  large: "0",
  nameAndDate: "1",
  tearOff: "0",
  key: "answers",
};

const yesNo = [
  { id: "1", name: "Yes" },
  { id: "0", name: "No" },
] as const;

/** What is chosen about the paper, whatever stands on it. */
const PAPER_CHOICES = [
  {
    setting: "paper",
    name: "Paper",
    of: [
      { id: "a4", name: "A4" },
      { id: "letter", name: "Letter" },
    ],
  },
  {
    setting: "turned",
    name: "Its long side",
    of: [
      { id: "0", name: "Upright" },
      { id: "1", name: "Across" },
    ],
  },
  { setting: "large", name: "Larger type", of: yesNo },
  { setting: "nameAndDate", name: "Name and date", of: yesNo },
  { setting: "tearOff", name: "Answers to cut off at the foot", of: yesNo },
] as const satisfies readonly {
  readonly setting: keyof Choices;
  readonly name: string;
  readonly of: readonly { readonly id: string; readonly name: string }[];
}[];

/** Where a sheet's PDF is made, with what is chosen. */
const pdfAddress = (base: string, choices: Choices, more: Readonly<Record<string, string>>): string =>
  `${base}?${new URLSearchParams({ ...choices, ...more })}`;

/** Everything about a sheet on paper, and the PDF of it and of its key. */
export function PrintPanel({
  pdf,
  startsOpen,
  hasStories,
}: {
  /** The address at which the PDF of the sheet is made. */
  readonly pdf: string;
  readonly startsOpen: boolean;
  /** Whether word problems stand on the sheet. */
  readonly hasStories: boolean;
}): ReactElement {
  const [choices, setChoices] = useState(USUAL);
  const router = useRouter();
  // What was changed since it was printed last has a new code on the paper: it is shown here when the tutor is back.
  const lookWhenBack = (): void => window.addEventListener("focus", router.refresh, { once: true });
  const choose = (name: keyof Choices) => (id: string) => setChoices({ ...choices, [name]: id });
  return (
    <Panel
      label="Print"
      icon={<Printer aria-hidden="true" className="size-4.5" />}
      startsOpen={startsOpen}
      wide
      main
    >
      <div className="grid grid-cols-2 gap-x-6 max-[560px]:grid-cols-1">
        <div>
          <Choose
            name="Problems"
            of={[
              { id: "squares", name: "On squared paper" },
              { id: "lines", name: "In lines" },
            ]}
            chosen={choices.layout}
            onChoose={choose("layout")}
          />
          {choices.layout === "squares" ? (
            <Choose
              name="Given on the squares"
              of={(["blank", "setOut", "oneMissing", "allButAnswer"] as const).map((id) => ({
                id,
                name: GIVEN_NAMES[id],
              }))}
              chosen={choices.given}
              onChoose={choose("given")}
            />
          ) : (
            <Choose
              name="Columns"
              of={[
                { id: "1", name: "One" },
                { id: "2", name: "Two" },
                { id: "3", name: "Three" },
              ]}
              chosen={choices.columns}
              onChoose={choose("columns")}
            />
          )}
          {hasStories && (
            <Choose
              name="Under a story"
              of={[
                { id: "none", name: "Nothing" },
                { id: "room", name: "Room for a picture" },
                { id: "drawn", name: "Its picture" },
              ]}
              chosen={choices.picture}
              onChoose={choose("picture")}
            />
          )}
          <Choose
            name="The key"
            of={[
              { id: "answers", name: "Answers" },
              { id: "workings", name: "Whole workings" },
            ]}
            chosen={choices.key}
            onChoose={choose("key")}
          />
        </div>
        <div>
          {PAPER_CHOICES.map(({ setting, name, of }) => (
            <Choose key={setting} name={name} of={of} chosen={choices[setting]} onChoose={choose(setting)} />
          ))}
        </div>
      </div>
      <div className="mt-4 flex flex-wrap gap-2">
        <a
          href={pdfAddress(pdf, choices, { key: "none" })}
          onClick={lookWhenBack}
          target="_blank"
          rel="noreferrer"
          className={LOOKS.main}
        >
          The sheet as a PDF
        </a>
        <a
          href={pdfAddress(pdf, choices, { keyAlone: "1" })}
          onClick={lookWhenBack}
          target="_blank"
          rel="noreferrer"
          className={LOOKS.quiet}
        >
          The key as a PDF
        </a>
      </div>
    </Panel>
  );
}
