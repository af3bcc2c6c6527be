import type { ShownStory } from "@/service/requests";

/** What a learner sees of a story: nothing that gives its answer away. */
export type LearnersStory = Pick<ShownStory, "kind" | "stretches" | "question" | "givens" | "frames">;
