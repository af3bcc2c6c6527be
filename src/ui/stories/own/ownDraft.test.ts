import { describe, expect, it } from "vitest";
import { answerSentence, questionIn } from "./ownDraft";

describe("a story of one's own", () => {
  it.each([
    ["Each costs 7.25. What do they cost?", "What do they cost?"],
    ["What is left?", "What is left?"],
    ["Who pays? Nadia has $5. What does she get back? She smiles.", "What does she get back?"],
    ["A drum holds 4.5 m.\nHow much is left?", "How much is left?"],
    ["No question here.", ""],
    ["", ""],
    ["?", "?"],
  ])("asks in its last sentence with a question mark: %s", (text, question) => {
    expect(questionIn(text)).toBe(question);
  });

  it.each([
    ["They cost … altogether.", "$21.75", "They cost $21.75 altogether."],
    ["One pedal weighs ... .", "290 g", "One pedal weighs 290 g."],
    ["It costs", "$3", "It costs $3"],
    ["", "12", "12"],
    ["  ", "12", "12"],
  ])("has its answer put into its sentence: %s", (sentence, comes, said) => {
    expect(answerSentence(sentence, comes)).toBe(said);
  });
});
