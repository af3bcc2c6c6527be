import type { KindWords } from "./kindWords";

/** How stories of prices, wages and change are told. */
export const MONEY_STORY_WORDS = {
  "total-of-two": {
    why: "Both parts are known and the whole is asked: add.",
    tells: [
      "{x.a} costs {a}, and {y.a} costs {b}.",
      "{who} buys {x.a} for {a} and {y.a} for {b}.",
      "On the counter lie {x.a} for {a} and {y.a} for {b}.",
    ],
    asks: ["What do they cost together?", "What is the total?"],
    answers: ["Together they cost {=}."],
  },
  "total-of-three": {
    why: "All parts are known and the whole is asked: add.",
    tells: [
      "{x.a} costs {a}, {y.a} {b} and {z.a} {c}.",
      "{who} puts {x.a} for {a}, {y.a} for {b} and {z.a} for {c} on the counter.",
    ],
    asks: ["What do all three cost together?", "What is to be paid?"],
    answers: ["All three cost {=} together."],
  },
  "several-of-the-same": {
    why: "Equal groups are known, and all of them together are asked: multiply.",
    tells: ["{x.a} costs {a}. {who} needs {n} of them.", "{who} buys {n} {x.many} at {a} each."],
    asks: ["What do they cost altogether?", "What is to be paid?"],
    answers: ["The {n} {x.many} cost {=}."],
  },
  "change-from-a-note": {
    why: "What was handed over is known, and the part that was spent: the rest is what has to be made up to the note.",
    tells: ["{who} buys {x.a} for {a} and pays with {p}.", "{x.a} costs {a}. {who} hands over {p}."],
    asks: ["How much change is there?", "What does {who} get back?"],
    answers: ["{who} gets {=} back."],
  },
  "enough-or-not": {
    why: "The two prices make a whole, which is compared with the money.",
    steps: [
      "The two prices are the parts, and what both cost is their whole: add.",
      "That is compared with the money: take the smaller from the larger.",
    ],
    tells: [
      "{x.a} costs {a} and {y.a} {b}. {who} has {p}.",
      "{who} has {p} and wants {x.a} for {a} and {y.a} for {b}.",
    ],
    asks: [
      "Is the money enough, and how much is left or missing?",
      "Can {who} buy both, and how much is left or missing?",
    ],
    answers: [],
  },
  "how-many-can-be-bought": {
    why: "It is asked how often one price goes into the money: divide, and look at what is left.",
    tells: ["{x.a} costs {a}. {who} has {p} to spend on {x.many}.", "{who} has {p}, and {x.a} costs {a}."],
    asks: ["How many {x.many} can {who} buy, and how much is left?"],
    answers: ["{who} can buy {times}, and {left} is left."],
  },
  gain: {
    why: "It was sold for more than it was bought for: the difference is the gain.",
    tells: [
      "The workshop bought {x.a} for {a} and sells it for {b}.",
      "{who} bought {x.a} for {a}, cleaned it and sold it for {b}.",
    ],
    asks: ["How much is gained?", "What is the gain?"],
    answers: ["The gain is {=}."],
  },
  loss: {
    why: "It was sold for less than it was bought for: the difference is the loss.",
    tells: [
      "{who} bought {x.a} for {a}, and could only sell it for {b}.",
      "The workshop bought {x.a} for {a} and had to sell it for {b}.",
    ],
    asks: ["How much is lost?", "What is the loss?"],
    answers: ["The loss is {=}."],
  },
  "how-much-dearer": {
    why: "Two amounts are compared, and the difference is asked: take the smaller from the larger.",
    tells: ["{x.a} costs {a}, and {y.a} costs {b}."],
    asks: ["How much more does {x.the} cost?", "How much dearer is {x.the} than {y.the}?"],
    answers: ["{x.the} costs {=} more."],
  },
  "still-missing": {
    why: "The goal and what there is of it are known: take what there is from the goal.",
    tells: [
      "{x.a} costs {a}. {who} has saved {b} for it.",
      "{who} wants {x.a} for {a} and has put {b} aside.",
    ],
    asks: ["How much is still missing?", "How much does {who} still have to save?"],
    answers: ["{=} is still missing."],
  },
  "times-as-much": {
    why: "One amount is so many times another one that is known: multiply.",
    tells: [
      "{x.a} costs {a}. The better one costs {n} times as much.",
      "A plain {x.one} costs {a}, the best {n} times that.",
    ],
    asks: ["What does the dearer one cost?"],
    answers: ["The dearer one costs {=}."],
  },
  "several-and-one-more": {
    why: "Equal groups make one part, and one thing more the other: multiply first, then add.",
    steps: [
      "Equal prices are known, and all of them together are wanted: multiply.",
      "What they cost is one part, the other thing is the other part: add.",
    ],
    tells: [
      "{who} buys {n} {x.many} at {a} each and {y.a} for {b}.",
      "{n} {x.many} at {a} each and {y.a} for {b} lie on the counter.",
    ],
    asks: ["What is to be paid altogether?"],
    answers: ["{=} is to be paid."],
  },
  "change-from-several": {
    why: "What the equal things cost together is taken from what was handed over.",
    steps: [
      "Equal prices are known, and all of them together are wanted: multiply.",
      "What was handed over is the whole, what was spent is a part: take away.",
    ],
    tells: [
      "{who} buys {n} {x.many} at {a} each and pays with {p}.",
      "{x.a} costs {a}. {who} takes {n} of them and hands over {p}.",
    ],
    asks: ["How much change is there?"],
    answers: ["There is {=} change."],
  },
  "total-with-a-needless-number": {
    why: "Both prices are known and the whole is asked: add. The mass is not needed.",
    tells: [
      "{x.a} costs {a} and weighs {w}. {y.a} costs {b}.",
      "{who} buys {x.a} of {w} for {a} and {y.a} for {b}.",
    ],
    asks: ["What do they cost together?"],
    answers: ["Together they cost {=}."],
  },
  "half-as-much": {
    why: "One amount is half of another one that is known: divide by 2.",
    tells: [
      "{x.a} costs {a}. A used one costs half as much.",
      "New, {x.a} costs {a}. {who} sells one for half that.",
    ],
    asks: ["What does the used one cost?", "What is to be paid for the used one?"],
    answers: ["The used one costs {=}."],
  },
  "how-much-cheaper-altogether": {
    why: "What they cost one by one is worked first; what the pack costs is taken from it.",
    steps: [
      "Equal prices are known, and all of them together are wanted: multiply.",
      "Two amounts are compared: take the smaller from the larger.",
    ],
    tells: [
      "{x.a} costs {a}. A pack of {n} costs {b}.",
      "One by one, {x.many} cost {a} each. {n} in a pack cost {b}.",
    ],
    asks: ["How much does the pack save?", "How much less is paid for the pack than one by one?"],
    answers: ["The pack saves {=}."],
  },
  "change-from-two-things": {
    why: "What was spent is the two prices together; it is taken from what was handed over.",
    steps: [
      "The two prices are the parts, and what was spent is their whole: add.",
      "What was handed over is the whole, what was spent is a part: take away.",
    ],
    tells: [
      "{who} buys {x.a} for {a} and {y.a} for {b} and pays with {p}.",
      "{x.a} costs {a} and {y.a} {b}. {who} takes both and hands over {p}.",
    ],
    asks: ["How much change is there?", "What does {who} get back?"],
    answers: ["There is {=} change."],
  },
  "several-with-a-needless-number": {
    why: "Equal prices are known, and all of them together are asked: multiply. The mass is not needed.",
    tells: [
      "{x.a} weighs {w} and costs {a}. {who} needs {n} of them.",
      "{who} buys {n} {x.many} at {a} each. One of them weighs {w}.",
    ],
    asks: ["What do they cost altogether?", "What is to be paid?"],
    answers: ["The {n} {x.many} cost {=}."],
  },
  "how-much-dearer-with-a-needless-number": {
    why: "Two amounts are compared, and the difference is asked: take the smaller from the larger. How many there are is not needed.",
    tells: [
      "{n} {x.many} lie on the shelf. {x.a} costs {a}, and {y.a} costs {b}.",
      "There are {n} {x.many} left, at {a} each. {y.a} costs {b}.",
    ],
    asks: ["How much more does {x.the} cost?", "How much dearer is {x.the} than {y.the}?"],
    answers: ["{x.the} costs {=} more."],
  },
} as const satisfies Readonly<Record<string, KindWords>>;
