import type { StoryKindId, Structure } from "../../stories";

/** How a kind of story is told. In braces stand givens (`{a}`), things (`{x.a}` with its article, `{x.the}`, `{x.one}`, `{x.many}`), who it is about (`{who}`), and in an answer what comes out (`{=}`, or parts of it). */
export interface StoryWords {
  readonly name: string;
  /** Why its numbers are worked as they are. */
  readonly why: string;
  readonly tells: readonly string[];
  readonly asks: readonly string[];
  readonly answers: readonly string[];
}

/** The made-up people of stories. */
export const PEOPLE = [
  "Nadia",
  "Tom",
  "Iris",
  "Owen",
  "Ragna",
  "Milo",
  "Petra",
  "Yusuf",
  "Lena",
  "Aaron",
] as const;

export const STORY_WORDS: Readonly<Record<StoryKindId, StoryWords>> = {
  "total-of-two": {
    name: "The total of two things",
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
    name: "The total of three things",
    why: "All parts are known and the whole is asked: add.",
    tells: [
      "{x.a} costs {a}, {y.a} {b} and {z.a} {c}.",
      "{who} puts {x.a} for {a}, {y.a} for {b} and {z.a} for {c} on the counter.",
    ],
    asks: ["What do all three cost together?", "What is to be paid?"],
    answers: ["All three cost {=} together."],
  },
  "several-of-the-same": {
    name: "Several of the same",
    why: "Equal groups are known, and all of them together are asked: multiply.",
    tells: ["{x.a} costs {a}. {who} needs {n} of them.", "{who} buys {n} {x.many} at {a} each."],
    asks: ["What do they cost altogether?", "What is to be paid?"],
    answers: ["The {n} {x.many} cost {=}."],
  },
  "change-from-a-note": {
    name: "Change from a note",
    why: "What was handed over is known, and the part that was spent: the rest is what has to be made up to the note.",
    tells: ["{who} buys {x.a} for {a} and pays with {p}.", "{x.a} costs {a}. {who} hands over {p}."],
    asks: ["How much change is there?", "What does {who} get back?"],
    answers: ["{who} gets {=} back."],
  },
  "enough-or-not": {
    name: "Enough or not",
    why: "The two prices make a whole, which is compared with the money.",
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
    name: "How many can be bought",
    why: "It is asked how often one price goes into the money: divide, and look at what is left.",
    tells: ["{x.a} costs {a}. {who} has {p} to spend on {x.many}.", "{who} has {p}, and {x.a} costs {a}."],
    asks: ["How many {x.many} can {who} buy, and how much is left?"],
    answers: ["{who} can buy {times}, and {left} is left."],
  },
  gain: {
    name: "Gain",
    why: "It was sold for more than it was bought for: the difference is the gain.",
    tells: [
      "The workshop bought {x.a} for {a} and sells it for {b}.",
      "{who} bought {x.a} for {a}, cleaned it and sold it for {b}.",
    ],
    asks: ["How much is gained?", "What is the gain?"],
    answers: ["The gain is {=}."],
  },
  loss: {
    name: "Loss",
    why: "It was sold for less than it was bought for: the difference is the loss.",
    tells: [
      "{who} bought {x.a} for {a}, and could only sell it for {b}.",
      "The workshop bought {x.a} for {a} and had to sell it for {b}.",
    ],
    asks: ["How much is lost?", "What is the loss?"],
    answers: ["The loss is {=}."],
  },
  "how-much-dearer": {
    name: "How much dearer",
    why: "Two amounts are compared, and the difference is asked: take the smaller from the larger.",
    tells: ["{x.a} costs {a}, and {y.a} costs {b}."],
    asks: ["How much more does {x.the} cost?", "How much dearer is {x.the} than {y.the}?"],
    answers: ["{x.the} costs {=} more."],
  },
  "how-much-heavier": {
    name: "How much heavier",
    why: "Two masses are compared, and the difference is asked: take the smaller from the larger.",
    tells: ["{x.a} weighs {a}, and {y.a} weighs {b}.", "On the scale {x.a} shows {a}, and {y.a} {b}."],
    asks: ["How much heavier is {x.the}?", "How much more does {x.the} weigh than {y.the}?"],
    answers: ["{x.the} is {=} heavier."],
  },
  "still-missing": {
    name: "How much is still missing",
    why: "The goal and what there is of it are known: take what there is from the goal.",
    tells: [
      "{x.a} costs {a}. {who} has saved {b} for it.",
      "{who} wants {x.a} for {a} and has put {b} aside.",
    ],
    asks: ["How much is still missing?", "How much does {who} still have to save?"],
    answers: ["{=} is still missing."],
  },
  "what-there-was-before": {
    name: "What there was before",
    why: "What was taken and what is left are the two parts, and the whole before is asked: add.",
    tells: [
      "{who} took {a} out of {x.a}. Now {b} is left in it.",
      "After {a} was used, {x.a} still holds {b}.",
    ],
    asks: ["How much was in it before?"],
    answers: ["There was {=} in it before."],
  },
  "what-is-left-in-it": {
    name: "What is left in it",
    why: "The whole and the part that was used are known: take away.",
    tells: ["{x.a} holds {a}. {who} uses {b} of it.", "Of {a} in {x.a}, {who} uses {b}."],
    asks: ["How much is left in it?"],
    answers: ["{=} is left in it."],
  },
  "mass-of-several": {
    name: "The mass of several",
    why: "Equal masses are known, and all of them together are asked: multiply.",
    tells: ["{x.a} weighs {a}. {who} packs {n} of them.", "{n} {x.many} go into a parcel, each of {a}."],
    asks: ["What do they weigh together?"],
    answers: ["Together they weigh {=}."],
  },
  "box-and-contents": {
    name: "A box and what is in it",
    why: "The whole without the empty box is what the contents weigh; shared among equal things it gives one.",
    tells: [
      "A box with {n} {x.many} weighs {t}. The empty box weighs {e}.",
      "{who} weighs a box with {n} {x.many}: {t}. Without them it is {e}.",
    ],
    asks: ["What does one {x.one} weigh?"],
    answers: ["One {x.one} weighs {=}."],
  },
  "joined-lengths": {
    name: "Lengths that are joined",
    why: "Both parts are known and the whole length is asked: add.",
    tells: [
      "Two pieces of cable are joined: one of {a} and one of {b}.",
      "{who} lays {a} of cable and then {b} more.",
    ],
    asks: ["How long is the cable altogether?"],
    answers: ["The cable is {=} long."],
  },
  "cut-length": {
    name: "A length that is cut off",
    why: "The whole and the part that is cut off are known: take away.",
    tells: [
      "On a drum there is {a} of cable. {who} cuts {b} off.",
      "{who} cuts {b} off a cable that is {a} long.",
    ],
    asks: ["How much cable is left?"],
    answers: ["{=} of cable is left."],
  },
  "wheels-that-can-be-spoked": {
    name: "Shares with something left over",
    why: "It is asked how often the spokes of one wheel go into all of them: divide, and look at what is left.",
    tells: [
      "A wheel needs {n} spokes. There are {t} spokes in the drawer.",
      "{who} has {t} spokes and builds wheels with {n} spokes each.",
    ],
    asks: ["How many wheels can be spoked, and how many spokes are left?"],
    answers: ["{quotient} wheels can be spoked, and {left-spokes} left."],
  },
  "boxes-that-are-needed": {
    name: "Shares that are rounded up",
    why: "It is asked how often a full box goes into all of them; what is left needs a box too.",
    tells: [
      "A box holds {n} {x.many}. {who} has to pack {t} of them.",
      "{t} {x.many} are to be packed, {n} to a box.",
    ],
    asks: ["How many boxes are needed?"],
    answers: ["{quotient} boxes are full, and {left} left, so {whole} boxes are needed."],
  },
  "part-of-a-number": {
    name: "A part of a number",
    why: "A part of a known number is asked: the fraction of it.",
    tells: [
      "{n} bicycles came in this week. {f} of them need new brakes.",
      "{who} looks through {n} inner tubes. {f} of them can be patched.",
    ],
    asks: ["How many is that?"],
    answers: ["That is {=} of them."],
  },
  "whole-from-a-part": {
    name: "The whole from a part",
    why: "One of so many equal parts is known, and all of them are asked: multiply.",
    tells: ["{who} has finished {p} wheels. That is one {n-th} of the order."],
    asks: ["How many wheels were ordered?"],
    answers: ["{=} wheels were ordered."],
  },
  "times-as-much": {
    name: "Times as much",
    why: "One amount is so many times another one that is known: multiply.",
    tells: [
      "{x.a} costs {a}. The better one costs {n} times as much.",
      "A plain {x.one} costs {a}, the best {n} times that.",
    ],
    asks: ["What does the dearer one cost?"],
    answers: ["The dearer one costs {=}."],
  },
  "labour-by-the-hour": {
    name: "Labour by the hour",
    why: "The price of one hour is known, and that of several is asked: multiply.",
    tells: [
      "An hour of labour costs {a}. A repair takes {h} hours.",
      "{who} works {h} hours on a bicycle, at {a} an hour.",
    ],
    asks: ["What does the labour cost?"],
    answers: ["The labour costs {=}."],
  },
  "duration-of-two-jobs": {
    name: "How long two jobs take",
    why: "Both times are known and the whole is asked: add hours to hours and minutes to minutes.",
    tells: [
      "One repair takes {a}, the next one {b}.",
      "{who} works {a} in the morning and {b} in the afternoon.",
    ],
    asks: ["How long is that altogether?"],
    answers: ["That is {=} altogether."],
  },
  "temperature-that-rises": {
    name: "A temperature that rises",
    why: "The start and the change are known: go up from the start.",
    tells: [
      "In the morning it was {a} degrees in the shed. By noon it rose by {b} degrees.",
      "At dawn the thermometer shows {a} degrees. It rises by {b} degrees.",
    ],
    asks: ["How many degrees is it then?"],
    answers: ["It is {=} degrees then."],
  },
  "temperature-that-falls": {
    name: "A temperature that falls",
    why: "The start and the change are known: go down from the start.",
    tells: [
      "In the evening it was {a} degrees in the shed. Overnight it fell by {b} degrees.",
      "At noon the thermometer shows {a} degrees. It falls by {b} degrees.",
    ],
    asks: ["How many degrees is it then?"],
    answers: ["It is {=} degrees then."],
  },
  "height-above-and-below": {
    name: "Heights above and below the sea",
    why: "The start and the climb are known: go up from the start.",
    tells: [
      "A ride begins at {a} m, measured from the sea, and climbs {b} m.",
      "The path lies at {a} m, measured from the sea. {who} rides {b} m up.",
    ],
    asks: ["At what height, measured from the sea, does that end?"],
    answers: ["It ends at {=} m."],
  },
  "cable-by-the-metre": {
    name: "Cable by the metre",
    why: "The price of one metre is known, and that of several is asked: multiply.",
    tells: [
      "A metre of cable housing costs {a}. {who} needs {h} m.",
      "{who} buys {h} m of cable housing at {a} a metre.",
    ],
    asks: ["What does it cost?"],
    answers: ["It costs {=}."],
  },
  "several-and-one-more": {
    name: "Several of the same and one more",
    why: "Equal groups make one part, and one thing more the other: multiply first, then add.",
    tells: [
      "{who} buys {n} {x.many} at {a} each and {y.a} for {b}.",
      "{n} {x.many} at {a} each and {y.a} for {b} lie on the counter.",
    ],
    asks: ["What is to be paid altogether?"],
    answers: ["{=} is to be paid."],
  },
  "change-from-several": {
    name: "Change from several of the same",
    why: "What the equal things cost together is taken from what was handed over.",
    tells: [
      "{who} buys {n} {x.many} at {a} each and pays with {p}.",
      "{x.a} costs {a}. {who} takes {n} of them and hands over {p}.",
    ],
    asks: ["How much change is there?"],
    answers: ["There is {=} change."],
  },
  "total-with-a-needless-number": {
    name: "A number that is not needed",
    why: "Both prices are known and the whole is asked: add. The mass is not needed.",
    tells: [
      "{x.a} costs {a} and weighs {w}. {y.a} costs {b}.",
      "{who} buys {x.a} of {w} for {a} and {y.a} for {b}.",
    ],
    asks: ["What do they cost together?"],
    answers: ["Together they cost {=}."],
  },
  "half-as-much": {
    name: "Half as much",
    why: "One amount is half of another one that is known: divide by 2.",
    tells: [
      "{x.a} costs {a}. A used one costs half as much.",
      "New, {x.a} costs {a}. {who} sells one for half that.",
    ],
    asks: ["What does the used one cost?", "What is to be paid for the used one?"],
    answers: ["The used one costs {=}."],
  },
  "how-much-cheaper-altogether": {
    name: "How much cheaper altogether",
    why: "What they cost one by one is worked first; what the pack costs is taken from it.",
    tells: [
      "{x.a} costs {a}. A pack of {n} costs {b}.",
      "One by one, {x.many} cost {a} each. {n} in a pack cost {b}.",
    ],
    asks: ["How much does the pack save?", "How much less is paid for the pack than one by one?"],
    answers: ["The pack saves {=}."],
  },
  "change-from-two-things": {
    name: "Change from two things",
    why: "What was spent is the two prices together; it is taken from what was handed over.",
    tells: [
      "{who} buys {x.a} for {a} and {y.a} for {b} and pays with {p}.",
      "{x.a} costs {a} and {y.a} {b}. {who} takes both and hands over {p}.",
    ],
    asks: ["How much change is there?", "What does {who} get back?"],
    answers: ["There is {=} change."],
  },
  "cable-by-the-metre-in-centimetres": {
    name: "A length in another unit than its price",
    why: "The price is for one metre, so the length is changed into metres first: multiply.",
    tells: [
      "A metre of cable housing costs {a}. {who} needs {h}.",
      "{who} buys {h} of cable housing at {a} a metre.",
    ],
    asks: ["What does it cost?", "What is to be paid?"],
    answers: ["It costs {=}."],
  },
  "how-much-heavier-in-two-units": {
    name: "How much heavier, in two units",
    why: "Two masses are compared: both in one unit first, then take the smaller from the larger.",
    tells: ["{x.a} weighs {a}, and {y.a} weighs {b}.", "On the scale {x.a} shows {a}, and {y.a} {b}."],
    asks: ["How much heavier is {x.the}?", "How much more does {x.the} weigh than {y.the}?"],
    answers: ["{x.the} is {=} heavier."],
  },
  "joined-lengths-in-two-units": {
    name: "Lengths in two units",
    why: "Both parts are known and the whole length is asked: both in one unit, then add.",
    tells: [
      "Two pieces of cable are joined: one of {a} and one of {b}.",
      "{who} lays {a} of cable and then {b} more.",
    ],
    asks: ["How long is the cable altogether?"],
    answers: ["The cable is {=} long."],
  },
  "several-in-a-heavy-box": {
    name: "Several in a box that weighs something",
    why: "Equal masses make one part, and the box the other: multiply first, then add, in one unit.",
    tells: [
      "A box weighs {e} by itself. {who} puts {n} {x.many} of {a} each into it.",
      "{n} {x.many} of {a} each go into a box that weighs {e} empty.",
    ],
    asks: ["What does the full box weigh?"],
    answers: ["The full box weighs {=}."],
  },
  "empty-box": {
    name: "What the empty box weighs",
    why: "What is in the box weighs so many times one thing; that is taken from the full box.",
    tells: [
      "A box with {n} {x.many} weighs {t}. {x.a} weighs {a}.",
      "{who} weighs a box with {n} {x.many}, each of {a}: {t}.",
    ],
    asks: ["What does the empty box weigh?"],
    answers: ["The empty box weighs {=}."],
  },
  "jobs-one-after-another": {
    name: "Jobs one after another",
    why: "One job takes a known time, and all of them are asked: multiply, then make hours of the minutes.",
    tells: [
      "Truing a wheel takes {a}. {who} trues {n} wheels.",
      "{who} has {n} bicycles to look over, each in {a}.",
    ],
    asks: ["How long does that take, in hours and minutes?"],
    answers: ["It takes {=}."],
  },
  "when-it-ends": {
    name: "When it ends",
    why: "The start and the time it takes are known: go on from the start.",
    tells: ["{who} begins a repair at {a.clock}. It takes {b}.", "A ride begins at {a.clock} and takes {b}."],
    asks: ["When does it end?"],
    answers: ["It ends at {=.clock}."],
  },
  "when-it-began": {
    name: "When it began",
    why: "The end and the time it took are known: go back from the end.",
    tells: [
      "A repair was done at {a.clock}. It took {b}.",
      "{who} comes back from a ride at {a.clock}. It took {b}.",
    ],
    asks: ["When did it begin?"],
    answers: ["It began at {=.clock}."],
  },
  "how-long-it-took": {
    name: "How long it took",
    why: "The start and the end are known, and the time between them is asked: from the end take the start.",
    tells: [
      "{who} begins a repair at {a.clock} and is done at {b.clock}.",
      "A ride begins at {a.clock} and ends at {b.clock}.",
    ],
    asks: ["How long does it take?"],
    answers: ["It takes {=}."],
  },
  "a-part-as-long": {
    name: "A part as long",
    why: "One length is a part of another one that is known: the fraction of it.",
    tells: [
      "The front cable is {n} cm long. The other one is only {f} as long.",
      "{who} has a strap of {n} cm and cuts another one {f} as long.",
    ],
    asks: ["How many centimetres long is the shorter one?"],
    answers: ["The shorter one is {=} cm long."],
  },
  "the-rest-of-a-number": {
    name: "The rest of a number",
    why: "The part that is named is worked first; it is taken from the whole.",
    tells: [
      "{n} bicycles came in this week. {f} of them are done.",
      "{who} has {n} letters to send. {f} of them are gone.",
    ],
    asks: ["How many are left?"],
    answers: ["{=} are left."],
  },
  "full-boxes": {
    name: "Shares that are rounded down",
    why: "It is asked how often a full box goes into all of them; what is left fills none.",
    tells: [
      "A box holds {n} spokes. There are {t} spokes on the bench.",
      "{who} packs {t} spokes, {n} to a box, and sells only full boxes.",
    ],
    asks: ["How many full boxes are there?"],
    answers: ["There are {whole} full boxes, and {left-spokes} left."],
  },
  "several-with-a-needless-number": {
    name: "Several of the same, with a number that is not needed",
    why: "Equal prices are known, and all of them together are asked: multiply. The mass is not needed.",
    tells: [
      "{x.a} weighs {w} and costs {a}. {who} needs {n} of them.",
      "{who} buys {n} {x.many} at {a} each. One of them weighs {w}.",
    ],
    asks: ["What do they cost altogether?", "What is to be paid?"],
    answers: ["The {n} {x.many} cost {=}."],
  },
  "how-much-dearer-with-a-needless-number": {
    name: "How much dearer, with a number that is not needed",
    why: "Two amounts are compared, and the difference is asked: take the smaller from the larger. How many there are is not needed.",
    tells: [
      "{n} {x.many} lie on the shelf. {x.a} costs {a}, and {y.a} costs {b}.",
      "There are {n} {x.many} left, at {a} each. {y.a} costs {b}.",
    ],
    asks: ["How much more does {x.the} cost?", "How much dearer is {x.the} than {y.the}?"],
    answers: ["{x.the} costs {=} more."],
  },
};

/** Why no story is told: there is no such kind. */
export const NO_STORY = (id: string): string =>
  `There is no kind of story “${id.slice(0, 60)}”. The list of stories has all of them.`;

/** How the quantities of a story hang together, by name. */
export const STRUCTURE_NAMES: Readonly<Record<Structure, string>> = {
  partsWhole: "Parts and whole",
  comparison: "Comparing",
  equalGroups: "Equal groups",
  change: "Before and after",
};
