import type { Tool } from "../../shop";
import type { OwnFormId } from "../../stories";

/** A reading as a story tells it: on which tool it was read, of what, and how it is typed. */
export interface ReadingTold {
  readonly tool: Tool;
  /** The one thing that was measured; none where it has no name. */
  readonly thing?: string | undefined;
  readonly typed: string;
}

/** How a reading is told: the first one of a tool, and those after it. */
const TOLD: Readonly<Record<Tool, readonly [first: string, more: string]>> = {
  scale: ["One parcel weighs …", "Another one weighs …"],
  jug: ["One jug holds …", "Another one holds …"],
  tape: ["One piece is … long", "Another one is … long"],
  stopwatch: ["One job takes …", "The next one takes …"],
  thermometer: ["The thermometer shows …", "Later it shows …"],
};

/** A story that has readings as its givens, to be written on by the tutor; and what it asks. */
export function storyOfReadings(readings: readonly ReadingTold[]): {
  readonly text: string;
  readonly form: OwnFormId;
} {
  const seen = new Set<Tool>();
  const told = readings.map(({ tool, thing, typed }) => {
    const [first, more] = TOLD[tool];
    const words = thing === undefined ? (seen.has(tool) ? more : first) : `The ${thing} weighs …`;
    seen.add(tool);
    return `${words.replace("…", typed)}.`;
  });
  if (readings.length === 1)
    return {
      text: `${told.join(" ")} There are 3 of them. How much is that altogether?`,
      form: "altogether",
    };
  return readings.every(({ tool }) => tool === "thermometer")
    ? { text: `${told.join(" ")} By how much are they apart?`, form: "difference" }
    : { text: `${told.join(" ")} How much is that altogether?`, form: "whole" };
}
