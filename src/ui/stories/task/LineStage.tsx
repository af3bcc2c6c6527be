import { PenLine } from "lucide-react";
import { type ReactElement, useRef } from "react";
import type { HouseRules } from "@/core/house";
import { turnAddress } from "../../../service/boardAddress";
import { PlaceLink } from "../../parts/PlaceLink";
import type { LearnersStory } from "./learnersStory";
import { StoryStage, Tile } from "./StoryStage";

const SIGNS = ["+", "−", "×", "÷", "(", ")"] as const;

/** The line that a learner puts together, typed or from tiles of the story's numbers and the signs. */
export function LineStage({
  line,
  givens,
  house,
  onChange,
}: {
  readonly line: string;
  readonly givens: LearnersStory["givens"];
  readonly house: HouseRules;
  readonly onChange: (line: string) => void;
}): ReactElement {
  const field = useRef<HTMLInputElement>(null);
  const add = (text: string): void => {
    const before = line.trimEnd();
    const joins = before === "" || before.endsWith("(") || text === ")";
    onChange(`${before}${joins ? "" : " "}${text}`);
    field.current?.focus();
  };
  return (
    <StoryStage name="What will you work?">
      <div className="flex flex-wrap items-center gap-1.5">
        <input
          ref={field}
          aria-label="What you will work"
          value={line}
          autoComplete="off"
          spellCheck={false}
          onChange={({ target }) => onChange(target.value)}
          className="h-14 min-w-0 flex-[1_1_320px] rounded-lg border border-edge bg-page px-4 font-board text-head"
        />
        {line.trim() !== "" && (
          <PlaceLink href={turnAddress({ problem: line, house, step: 1 })} look="quiet">
            <PenLine aria-hidden="true" className="size-4.5" />
            Work it on squared paper
          </PlaceLink>
        )}
      </div>
      <div className="mt-2 flex flex-wrap gap-1.5">
        {givens.map(({ name, value }) => (
          <Tile key={name} text={value} onPress={() => add(value)} />
        ))}
        {SIGNS.map((sign) => (
          <Tile key={sign} text={sign} onPress={() => add(sign)} />
        ))}
      </div>
    </StoryStage>
  );
}
