import type { HouseRules } from "../../house";
import { type Answer, writeAnswer } from "../../problem";
import { type Quantity, writeQuantity } from "../../quantity";
import { type Story, type Thing, wantedWhole } from "../../stories";
import { sentence } from "../numbers/line";
import { PEOPLE, STORY_WORDS } from "./storyWords";

/** A story as it is read, and its answer as a sentence. */
export interface ToldStory {
  readonly text: string;
  /** The same in stretches: those that are givens with their names. */
  readonly stretches: readonly StoryStretch[];
  readonly question: string;
  /** The text with its question. */
  readonly whole: string;
  readonly answer: string;
  /** The answer with `…` for what came out; none where it is yes or no. */
  readonly frame: string | undefined;
  /** Where a number is missing, sentences that say the same of what is told. */
  readonly others?: readonly string[];
}

/** Why a question can't be answered, with what is not told. */
const NOT_SAID = (what: string): string => `That can’t be worked out: the story does not say ${what}.`;

/** A stretch of a story's text: words, or a given. */
export interface StoryStretch {
  readonly text: string;
  /** The name of the given; none of words. */
  readonly given?: string;
}

/** What stands in a sentence for what is to be filled in. */
const GAP = "…";

/** Around a given while a text is put together: signs that no text has. */
const [OPENS, NAMED, CLOSES] = ["\uE000", "\uE001", "\uE002"] as const;

function stretchesOf(marked: string): readonly StoryStretch[] {
  return marked.split(OPENS).flatMap((part): readonly StoryStretch[] => {
    const [inside, after] = part.split(CLOSES);
    if (after === undefined) return part === "" ? [] : [{ text: part }];
    const [given = "", text = ""] = (inside ?? "").split(NAMED);
    return [{ text, given }, ...(after === "" ? [] : [{ text: after }])];
  });
}

const pick = <One>(all: readonly [One, ...One[]] | readonly One[], nth: number): One | undefined =>
  all[nth % Math.max(1, all.length)];

/** Whether a noun takes "an". */
const startsOpen = (noun: string): boolean => /^[aeiou]/.test(noun) && !/^(?:uni|use|one)/.test(noun);

const articled = (noun: string): string => `${startsOpen(noun) ? "an" : "a"} ${noun}`;

/** What stands for a thing's mark: `a`, `the`, `one` or `many`. */
function thingWords({ one, many }: Thing, how: string): string {
  switch (how) {
    case "a":
      return articled(one);
    case "the":
      return `the ${one}`;
    case "many":
      return many;
    default:
      return one;
  }
}

/** A part of a whole, as "that is one fifth of it" names it. */
const PARTS: Readonly<Record<string, string>> = {
  "3": "third",
  "4": "quarter",
  "5": "fifth",
  "6": "sixth",
  "7": "seventh",
  "8": "eighth",
  "9": "ninth",
};

/** Tells a story in a house's notation: its text, its question, and the answer as a sentence. */
export function wordedStory(story: Story, house: HouseRules): ToldStory {
  const words = STORY_WORDS[story.kind];
  const [tells, asks, who] = story.phrasing;
  const name = pick(PEOPLE, who) ?? "";
  const given = (key: string): string => {
    const found = story.givens.find((one) => one.name === key);
    return found === undefined ? "" : writeQuantity(found.quantity, house);
  };
  const thing = (key: string): Thing | undefined => story.things["xyz".indexOf(key)];
  const filled = (template: string, isOpen = false): string =>
    sentences(
      template.replaceAll(/\{([^{}]{1,20})\}/g, (_, mark: string) => {
        const [key = "", how = ""] = mark.split(".");
        const about = thing(key);
        if (how !== "" && about !== undefined) return thingWords(about, how);
        if (mark === "who") return name;
        if (how === "clock") {
          if (key === "=") return isOpen ? GAP : clockOf(story.working.answer, house);
          const time = story.givens.find((one) => one.name === key)?.quantity;
          return `${OPENS}${key}${NAMED}${time === undefined ? "" : onTheClock(time, house)}${CLOSES}`;
        }
        if (mark === "n-th") return PARTS[given("n")] ?? "";
        const comes = result(story, mark, house);
        if (comes !== undefined && isOpen) return GAP;
        return comes ?? `${OPENS}${mark}${NAMED}${given(mark)}${CLOSES}`;
      }),
    );
  const plain = (marked: string): string =>
    stretchesOf(marked)
      .map((one) => one.text)
      .join("");
  const told = filled(pick(words.tells, tells) ?? "");
  const answers = pick(words.answers, tells);
  const question = plain(filled(pick(words.asks, asks) ?? ""));
  const text = plain(told);
  const read = { text, stretches: stretchesOf(told), question, whole: `${text} ${question}` };
  if (words.missing !== undefined) {
    const [answer = "", ...others] = [words.missing, ...(words.told ?? [])].map((what) =>
      plain(filled(NOT_SAID(what))),
    );
    return { ...read, answer, frame: answer, others };
  }
  return {
    ...read,
    answer: plain(filled(answers ?? enoughWords(story, house))),
    frame: answers && plain(filled(answers, true)),
  };
}

/** A time in hours and minutes as a clock shows it: `9:40`. */
export const onTheClock = (time: Quantity, house: HouseRules): string => {
  const [hours = "0", minutes = "0"] = writeQuantity(time, house).match(/\d{1,2}/g) ?? [];
  return `${hours}:${minutes.padStart(2, "0")}`;
};

const clockOf = (answer: Answer, house: HouseRules): string =>
  answer.kind === "measure" ? onTheClock(answer, house) : writeAnswer(answer, house);

/** Every sentence begun with a capital. */
const sentences = (text: string): string =>
  text
    .split(". ")
    .map((one) => sentence(one))
    .join(". ");

/** What came out of a story's working, whole or in parts; none for a mark that is something else. */
function result(story: Story, mark: string, house: HouseRules): string | undefined {
  const { working, givens, things } = story;
  const { answer } = working;
  if (mark === "=") return writeAnswer(answer, house);
  if (answer.kind === "timesLeft") {
    if (mark === "times") return writeQuantity(answer.times, house);
    if (mark === "left") return writeQuantity(answer.left, house);
  }
  if (answer.kind !== "remainder" || givens.length === 0) return undefined;
  const left = writeQuantity(answer.remainder, house);
  const [one, many] = [things[0]?.one ?? "spoke", things[0]?.many ?? "spokes"];
  switch (mark) {
    case "quotient":
      return writeQuantity(answer.quotient, house);
    case "whole":
      return String(wantedWhole(story) ?? answer.quotient.whole);
    case "left":
      return left === "1" ? `1 ${one} is` : `${left} ${many} are`;
    case "left-spokes":
      return left === "1" ? "1 spoke is" : `${left} spokes are`;
    default:
      return undefined;
  }
}

/** Whether the money was enough, and what is left or missing. */
function enoughWords({ working: { answer } }: Story, house: HouseRules): string {
  if (answer.kind !== "sufficiency") return "";
  const difference = writeQuantity(answer.difference, house);
  return answer.enough ? `Yes, and ${difference} is left.` : `No, ${difference} is missing.`;
}
