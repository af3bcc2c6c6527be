import type { KindWords } from "./kindWords";

/** How stories of counted things, parts of a number, and what lies above and below nothing are told. */
export const NUMBER_STORY_WORDS = {
  "wheels-that-can-be-spoked": {
    why: "It is asked how often the spokes of one wheel go into all of them: divide, and look at what is left.",
    tells: [
      "A wheel needs {n} spokes. There are {t} spokes in the drawer.",
      "{who} has {t} spokes and builds wheels with {n} spokes each.",
    ],
    asks: ["How many wheels can be spoked, and how many spokes are left?"],
    answers: ["{quotient} wheels can be spoked, and {left-spokes} left."],
  },
  "boxes-that-are-needed": {
    why: "It is asked how often a full box goes into all of them; what is left needs a box too.",
    tells: [
      "A box holds {n} {x.many}. {who} has to pack {t} of them.",
      "{t} {x.many} are to be packed, {n} to a box.",
    ],
    asks: ["How many boxes are needed?"],
    answers: ["{quotient} boxes are full, and {left} left, so {whole} boxes are needed."],
  },
  "part-of-a-number": {
    why: "A part of a known number is asked: the fraction of it.",
    tells: [
      "{n} bicycles came in this week. {f} of them need new brakes.",
      "{who} looks through {n} inner tubes. {f} of them can be patched.",
    ],
    asks: ["How many is that?"],
    answers: ["That is {=} of them."],
  },
  "whole-from-a-part": {
    why: "One of so many equal parts is known, and all of them are asked: multiply.",
    tells: ["{who} has finished {p} wheels. That is one {n-th} of the order."],
    asks: ["How many wheels were ordered?"],
    answers: ["{=} wheels were ordered."],
  },
  "temperature-that-rises": {
    why: "The start and the change are known: go up from the start.",
    tells: [
      "In the morning it was {a} degrees in {x.the}. By noon it rose by {b} degrees.",
      "At dawn the thermometer in {x.the} shows {a} degrees. It rises by {b} degrees.",
    ],
    asks: ["How many degrees is it then?"],
    unit: "degrees",
    answers: ["It is {=} degrees then."],
  },
  "temperature-that-falls": {
    why: "The start and the change are known: go down from the start.",
    tells: [
      "In the evening it was {a} degrees in {x.the}. Overnight it fell by {b} degrees.",
      "At noon the thermometer in {x.the} shows {a} degrees. It falls by {b} degrees.",
    ],
    asks: ["How many degrees is it then?"],
    unit: "degrees",
    answers: ["It is {=} degrees then."],
  },
  "height-above-and-below": {
    why: "The start and the climb are known: go up from the start.",
    tells: [
      "A ride begins at {a} m, measured from the sea, and climbs {b} m.",
      "The path lies at {a} m, measured from the sea. {who} rides {b} m up.",
    ],
    asks: ["At what height, measured from the sea, does that end?"],
    unit: "metres",
    answers: ["It ends at {=} m."],
  },
  "a-part-as-long": {
    why: "One length is a part of another one that is known: the fraction of it.",
    tells: [
      "The front cable is {n} cm long. The other one is only {f} as long.",
      "{who} has a strap of {n} cm and cuts another one {f} as long.",
    ],
    asks: ["How many centimetres long is the shorter one?"],
    answers: ["The shorter one is {=} cm long."],
  },
  "the-rest-of-a-number": {
    why: "The part that is named is worked first; it is taken from the whole.",
    steps: [
      "A part of a number is wanted: divide by the lower number of the fraction, and take it as often as the upper one says.",
      "The number is the whole, the part of it is known: take away.",
    ],
    tells: [
      "{n} bicycles came in this week. {f} of them are done.",
      "{who} has {n} letters to send. {f} of them are gone.",
    ],
    asks: ["How many are left?"],
    answers: ["{=} are left."],
  },
  "full-boxes": {
    why: "It is asked how often a full box goes into all of them; what is left fills none.",
    tells: [
      "A box holds {n} spokes. There are {t} spokes on the bench.",
      "{who} packs {t} spokes, {n} to a box, and sells only full boxes.",
    ],
    asks: ["How many full boxes are there?"],
    answers: ["There are {whole} full boxes, and {left-spokes} left."],
  },
  "boxes-with-a-needless-number": {
    why: "It is asked how often a full box goes into all of them; what is left needs a box too. The mass is not needed.",
    tells: [
      "A box holds {n} {x.many}, each of {w}. {who} has to pack {t} of them.",
      "{t} {x.many} are to be packed, {n} to a box. {x.a} weighs {w}.",
    ],
    asks: ["How many boxes are needed?"],
    answers: ["{quotient} boxes are full, and {left} left, so {whole} boxes are needed."],
  },
} as const satisfies Readonly<Record<string, KindWords>>;
