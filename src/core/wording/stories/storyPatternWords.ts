import type { StoryPatternId, Structure } from "../../stories";

/** What a pattern of stories is called, what a learner does by it, and what helps against it. */
export interface StoryPatternWords {
  readonly name: string;
  readonly does: string;
  readonly helps: string;
}

export const STORY_PATTERN_WORDS: Readonly<Record<StoryPatternId, StoryPatternWords>> = {
  "word-for-operation": {
    name: "A word taken for the operation",
    does: "One word of the text chooses the operation: “more” adds, “left” takes away, whatever is asked.",
    helps: "Draw what is known and what is asked before any operation is named.",
  },
  "all-numbers-used": {
    name: "Every number used",
    does: "Each number of the text goes into the working, also one that the question does not need.",
    helps: "Ask for each number what it tells, and strike what the question does not need.",
  },
  "part-left-out": {
    name: "A part left out",
    does: "Something that belongs to the answer is not worked: the second price, the box, how many there are.",
    helps: "Draw the whole, and look for each underlined number in the drawing.",
  },
  "first-step-as-answer": {
    name: "The first step given as the answer",
    does: "The working stops before the question is reached.",
    helps: "Read the question again after each step: is that what was asked?",
  },
  "other-question": {
    name: "Another question answered",
    does: "What is worked is right, and answers something that was not asked.",
    helps: "Say the answer as a sentence first, with a gap for the number.",
  },
  "all-to-all": {
    name: "Done to all that was meant for some",
    does: "What belongs to a part, as “three of them”, is done to everything.",
    helps: "Draw the equal groups first, and put the rest beside them.",
  },
  "unit-not-changed": {
    name: "Units worked as they stand",
    does: "Numbers in different units are worked together as if they were in one.",
    helps: "Write the unit under each number, and change to one unit before anything else.",
  },
  "remainder-against-sense": {
    name: "What is left over, against sense",
    does: "The quotient is rounded the wrong way, or given with what is left where a whole number answers.",
    helps: "Ask what happens to those that are left: do they need one more, or do they fill none?",
  },
};

/** What each structure looks like, in one line to a learner. */
export const STRUCTURE_HINTS: Readonly<Record<Structure, string>> = {
  partsWhole: "Parts make a whole.",
  comparison: "Two things are held side by side.",
  equalGroups: "The same comes several times.",
  change: "Something is there, and then it changes.",
};

/** Sentences that answer something else, by the structure of the story they stand beside; `…` is where the number goes. */
export const OTHER_FRAMES: Readonly<Record<Structure, readonly [string, string]>> = {
  partsWhole: ["The difference is ….", "Each of them is …."],
  comparison: ["Altogether it is ….", "Each of them is …."],
  equalGroups: ["The difference is ….", "… is still missing."],
  change: ["Each of them is ….", "All of them together are …."],
};
