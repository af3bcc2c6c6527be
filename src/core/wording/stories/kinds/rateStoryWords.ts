import type { KindWords } from "./kindWords";

/** How stories of so much for each hour, metre, litre or kilogram are told. */
export const RATE_STORY_WORDS = {
  "labour-by-the-hour": {
    why: "The price of one hour is known, and that of several is asked: multiply.",
    tells: [
      "An hour of labour costs {a}. A repair takes {h} hours.",
      "{who} works {h} hours on a bicycle, at {a} an hour.",
    ],
    asks: ["What does the labour cost?"],
    answers: ["The labour costs {=}."],
  },
  "cable-by-the-metre": {
    why: "The price of one metre is known, and that of several is asked: multiply.",
    tells: [
      "A metre of cable housing costs {a}. {who} needs {h} m.",
      "{who} buys {h} m of cable housing at {a} a metre.",
    ],
    asks: ["What does it cost?"],
    answers: ["It costs {=}."],
  },
  "cable-by-the-metre-in-centimetres": {
    why: "The price is for one metre, so the length is changed into metres first: multiply.",
    steps: [
      "The price is for one metre: change the length into metres.",
      "The price of one is known, and that of several is asked: multiply.",
    ],
    tells: [
      "A metre of cable housing costs {a}. {who} needs {h}.",
      "{who} buys {h} of cable housing at {a} a metre.",
    ],
    asks: ["What does it cost?", "What is to be paid?"],
    answers: ["It costs {=}."],
  },
  "labour-for-minutes": {
    why: "The price is for one hour, so the minutes are changed into hours first: multiply.",
    steps: [
      "The price is for one hour: change the minutes into hours.",
      "The price of one is known, and that of several is asked: multiply.",
    ],
    tells: [
      "An hour of labour costs {a}. A repair takes {h}.",
      "{who} works {h} on a bicycle. An hour of labour costs {a}.",
    ],
    asks: ["What does the labour cost?"],
    answers: ["The labour costs {=}."],
  },
  "oil-by-the-litre": {
    why: "The price is for one litre, so the millilitres are changed into litres first: multiply.",
    steps: [
      "The price is for one litre: change the millilitres into litres.",
      "The price of one is known, and that of so much is asked: multiply.",
    ],
    tells: ["A litre of oil costs {a}. {who} fills {h} into a can.", "{who} buys {h} of oil at {a} a litre."],
    asks: ["What does that cost?", "What is to be paid for it?"],
    answers: ["It costs {=}."],
  },
  "grease-by-the-kilogram": {
    why: "The price is for one kilogram, so the grams are changed into kilograms first: multiply.",
    steps: [
      "The price is for one kilogram: change the grams into kilograms.",
      "The price of one is known, and that of so much is asked: multiply.",
    ],
    tells: [
      "A kilogram of grease costs {a}. {who} needs {h}.",
      "{who} buys {h} of grease at {a} a kilogram.",
    ],
    asks: ["What does that cost?", "What is to be paid for it?"],
    answers: ["It costs {=}."],
  },
  "ride-by-the-hour": {
    why: "How far it is in one hour is known, and in several it is asked: multiply.",
    tells: [
      "{who} rides {a} in an hour, and goes on like that for {n} hours.",
      "A test ride takes {n} hours. In each hour {who} rides {a}.",
    ],
    asks: ["How far is that altogether?", "How far does {who} ride?"],
    answers: ["That is {=} altogether."],
  },
  "pace-of-a-ride": {
    why: "The time for one kilometre is known, and for several it is asked: multiply, then make hours of the minutes.",
    steps: [
      "The time for one is known, and for several it is asked: multiply.",
      "It is asked for hours and minutes: change the minutes.",
    ],
    tells: [
      "{who} rides a kilometre in {a}. The way to the workshop is {n} kilometres.",
      "A ride of {n} kilometres lies ahead. {who} needs {a} for each of them.",
    ],
    asks: ["How long does that take, in hours and minutes?"],
    answers: ["That takes {=}."],
  },
  "water-by-the-minute": {
    why: "Equal amounts are known, and all of them together are asked: multiply, then change into litres.",
    steps: [
      "What runs in one minute is known, and in several it is asked: multiply.",
      "It is asked for litres: change the millilitres into litres.",
    ],
    tells: [
      "From the tap {a} of water runs in a minute. {who} washes bicycles for {n} minutes.",
      "{who} leaves the tap open for {n} minutes. In a minute {a} runs out.",
    ],
    asks: ["How many litres of water is that?"],
    answers: ["That is {=} of water."],
  },
  "tape-by-the-minute": {
    why: "Equal lengths are known, and all of them together are asked: multiply, then change into metres.",
    steps: [
      "What is wound in one minute is known, and in several it is asked: multiply.",
      "It is asked for metres: change the centimetres into metres.",
    ],
    tells: [
      "{who} winds {a} of bar tape in a minute, and does so for {n} minutes.",
      "In each of {n} minutes {who} winds {a} of bar tape.",
    ],
    asks: ["How many metres of tape is that?"],
    answers: ["That is {=} of tape."],
  },
} as const satisfies Readonly<Record<string, KindWords>>;
