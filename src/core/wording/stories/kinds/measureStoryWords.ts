import type { KindWords } from "./kindWords";

/** How stories of masses, lengths, volumes and times are told. */
export const MEASURE_STORY_WORDS = {
  "how-much-heavier": {
    why: "Two masses are compared, and the difference is asked: take the smaller from the larger.",
    tells: ["{x.a} weighs {a}, and {y.a} weighs {b}.", "On the scale {x.a} shows {a}, and {y.a} {b}."],
    asks: ["How much heavier is {x.the}?", "How much more does {x.the} weigh than {y.the}?"],
    answers: ["{x.the} is {=} heavier."],
  },
  "what-there-was-before": {
    why: "What was taken and what is left are the two parts, and the whole before is asked: add.",
    tells: [
      "{who} took {a} out of {x.a}. Now {b} is left in it.",
      "After {a} was used, {x.a} still holds {b}.",
    ],
    asks: ["How much was in it before?"],
    answers: ["There was {=} in it before."],
  },
  "what-is-left-in-it": {
    why: "The whole and the part that was used are known: take away.",
    tells: ["{x.a} holds {a}. {who} uses {b} of it.", "Of {a} in {x.a}, {who} uses {b}."],
    asks: ["How much is left in it?"],
    answers: ["{=} is left in it."],
  },
  "mass-of-several": {
    why: "Equal masses are known, and all of them together are asked: multiply.",
    tells: ["{x.a} weighs {a}. {who} packs {n} of them.", "{n} {x.many} go into a parcel, each of {a}."],
    asks: ["What do they weigh together?"],
    answers: ["Together they weigh {=}."],
  },
  "box-and-contents": {
    why: "The whole without the empty box is what the contents weigh; shared among equal things it gives one.",
    steps: [
      "The full box is the whole, the empty box a part: take away what the empty box weighs.",
      "That is shared among equal things, and one of them is asked: divide.",
    ],
    tells: [
      "A box with {n} {x.many} weighs {t}. The empty box weighs {e}.",
      "{who} weighs a box with {n} {x.many}: {t}. Without them it is {e}.",
    ],
    asks: ["What does one {x.one} weigh?"],
    answers: ["One {x.one} weighs {=}."],
  },
  "joined-lengths": {
    why: "Both parts are known and the whole length is asked: add.",
    tells: [
      "Two pieces of cable are joined: one of {a} and one of {b}.",
      "{who} lays {a} of cable and then {b} more.",
    ],
    asks: ["How long is the cable altogether?"],
    answers: ["The cable is {=} long."],
  },
  "cut-length": {
    why: "The whole and the part that is cut off are known: take away.",
    tells: [
      "On a drum there is {a} of cable. {who} cuts {b} off.",
      "{who} cuts {b} off a cable that is {a} long.",
    ],
    asks: ["How much cable is left?"],
    answers: ["{=} of cable is left."],
  },
  "duration-of-two-jobs": {
    why: "Both times are known and the whole is asked: add hours to hours and minutes to minutes.",
    tells: [
      "One repair takes {a}, the next one {b}.",
      "{who} works {a} in the morning and {b} in the afternoon.",
    ],
    asks: ["How long is that altogether?"],
    answers: ["That is {=} altogether."],
  },
  "how-much-heavier-in-two-units": {
    why: "Two masses are compared: both in one unit first, then take the smaller from the larger.",
    tells: ["{x.a} weighs {a}, and {y.a} weighs {b}.", "On the scale {x.a} shows {a}, and {y.a} {b}."],
    asks: ["How much heavier is {x.the}?", "How much more does {x.the} weigh than {y.the}?"],
    answers: ["{x.the} is {=} heavier."],
  },
  "joined-lengths-in-two-units": {
    why: "Both parts are known and the whole length is asked: both in one unit, then add.",
    tells: [
      "Two pieces of cable are joined: one of {a} and one of {b}.",
      "{who} lays {a} of cable and then {b} more.",
    ],
    asks: ["How long is the cable altogether?"],
    answers: ["The cable is {=} long."],
  },
  "several-in-a-heavy-box": {
    why: "Equal masses make one part, and the box the other: multiply first, then add, in one unit.",
    steps: [
      "Equal masses are known, and all of them together are wanted: multiply.",
      "What is in the box is one part, the box the other: add.",
    ],
    tells: [
      "A box weighs {e} by itself. {who} puts {n} {x.many} of {a} each into it.",
      "{n} {x.many} of {a} each go into a box that weighs {e} empty.",
    ],
    asks: ["What does the full box weigh?"],
    answers: ["The full box weighs {=}."],
  },
  "empty-box": {
    why: "What is in the box weighs so many times one thing; that is taken from the full box.",
    steps: [
      "Equal masses are known, and all of them together are wanted: multiply.",
      "The full box is the whole, what is in it a part: take away.",
    ],
    tells: [
      "A box with {n} {x.many} weighs {t}. {x.a} weighs {a}.",
      "{who} weighs a box with {n} {x.many}, each of {a}: {t}.",
    ],
    asks: ["What does the empty box weigh?"],
    answers: ["The empty box weighs {=}."],
  },
  "jobs-one-after-another": {
    why: "One job takes a known time, and all of them are asked: multiply, then make hours of the minutes.",
    steps: [
      "Equal times are known, and all of them together are asked: multiply.",
      "It is asked for hours and minutes: change the minutes.",
    ],
    tells: [
      "Truing a wheel takes {a}. {who} trues {n} wheels.",
      "{who} has {n} bicycles to look over, each in {a}.",
    ],
    asks: ["How long does that take, in hours and minutes?"],
    answers: ["It takes {=}."],
  },
  "when-it-ends": {
    why: "The start and the time it takes are known: go on from the start.",
    tells: ["{who} begins a repair at {a.clock}. It takes {b}.", "A ride begins at {a.clock} and takes {b}."],
    asks: ["When does it end?"],
    answers: ["It ends at {=.clock}."],
  },
  "when-it-began": {
    why: "The end and the time it took are known: go back from the end.",
    tells: [
      "A repair was done at {a.clock}. It took {b}.",
      "{who} comes back from a ride at {a.clock}. It took {b}.",
    ],
    asks: ["When did it begin?"],
    answers: ["It began at {=.clock}."],
  },
  "how-long-it-took": {
    why: "The start and the end are known, and the time between them is asked: from the end take the start.",
    tells: [
      "{who} begins a repair at {a.clock} and is done at {b.clock}.",
      "A ride begins at {a.clock} and ends at {b.clock}.",
    ],
    asks: ["How long does it take?"],
    answers: ["It takes {=}."],
  },
  "how-much-longer": {
    why: "Two lengths are compared, and the difference is asked: take the smaller from the larger.",
    tells: ["{x.a} is {a} long, and {y.a} {b}.", "{x.a} measures {a} in length, and {y.a} {b}."],
    asks: ["How much longer is {x.the}?", "How much longer is {x.the} than {y.the}?"],
    answers: ["{x.the} is {=} longer."],
  },
  "how-much-higher": {
    why: "Two heights are compared, and the difference is asked: take the smaller from the larger.",
    tells: ["{x.a} is {a} high, and {y.a} {b}.", "{x.a} stands {a} high. Beside it {y.a} stands {b} high."],
    asks: ["How much higher is {x.the}?", "How much higher is {x.the} than {y.the}?"],
    answers: ["{x.the} is {=} higher."],
  },
  "fitting-several": {
    why: "Equal times are known, and all of them together are asked: multiply, then make hours of the minutes.",
    steps: [
      "Equal times are known, and all of them together are asked: multiply.",
      "It is asked for hours and minutes: change the minutes.",
    ],
    tells: [
      "To fit {x.a} takes {a}. {who} fits {n} {x.many}.",
      "{who} has {n} {x.many} to fit, each in {a}.",
    ],
    asks: ["How long does that take altogether, in hours and minutes?"],
    answers: ["That takes {=}."],
  },
} as const satisfies Readonly<Record<string, KindWords>>;
