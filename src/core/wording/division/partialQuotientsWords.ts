import type { OwnReason } from "../../methods";
import type { MethodWords } from "../contract/methodWords";
import type { StepsOf } from "../contract/wordbook";
import { listed } from "../numbers/line";
import { inText } from "../numbers/numberWords";

/** The words for the method itself. */
export const PARTIAL_QUOTIENTS_WORDS: MethodWords<"partial-quotients"> = {
  name: "Partial quotients",
  about: "Easy multiples of the divisor are taken away and counted at the side; the counts are added.",
  preferredBy:
    "Where the size of what is shared is to be seen all the way: 600 is taken away, and not a 6. It needs only easy multiples, and a chunk that is too small is no mistake.",
  refusals: {},
};

export const PARTIAL_QUOTIENTS_STEPS: StepsOf<OwnReason<"partial-quotients">> = {
  writeForChunks: ({ dividend, divisor, chunks }, house) => ({
    say: `Write *${inText(dividend, house)}*, to be divided by *${divisor}*, with a stroke beside it for counting.`,
    why:
      chunks === "doubles"
        ? `Chunks of ${divisor} will be taken away: once, twice, 4 times, 8 times, and these times ten or a hundred. Doubling is all that is needed.`
        : `Chunks of ${divisor} will be taken away: as many hundreds of times as will go, then tens of times, then ones.`,
    ask: `Which multiples of ${divisor} are easy?`,
  }),
  takeChunk: ({ times, divisor, product, before }, house) => ({
    say: `*${inText(times, house)}* times ${divisor} is *${inText(product, house)}*: count ${inText(times, house)} at the side.`,
    why: `${inText(before, house)} has room for ${inText(product, house)}. How often ${divisor} was taken is kept at the side, so that nothing is forgotten.`,
    ask: `Which easy multiple of ${divisor} can be taken from ${inText(before, house)}?`,
  }),
  chunkLeaves: ({ before, product, rest }, house) => ({
    say: `${inText(before, house)} take away ${inText(product, house)} leaves *${inText(rest, house)}*.`,
    why: "What was taken is shared out; only what is left goes on.",
    ask: `What is left of ${inText(before, house)}?`,
  }),
  addChunks: ({ times, quotient, rest, divisor }, house) => ({
    say:
      times.length === 0
        ? `${divisor} can't be taken from ${inText(rest, house)}, not even once: *0*.`
        : times.length === 1
          ? `One chunk was all: *${inText(quotient, house)}*.`
          : `Add what was counted: ${listed(times.map((one) => inText(one, house)))} make *${inText(quotient, house)}*.`,
    why: `That is how often ${divisor} was taken away altogether.`,
    ask: `How many times was ${divisor} taken away?`,
  }),
};
