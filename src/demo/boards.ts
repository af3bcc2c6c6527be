import type { PresetName } from "@/core/house";
import type { MethodId } from "@/core/methods";

/** A made-up board of a tutor who teaches in the back room of a bicycle workshop. */
interface DemoBoard {
  readonly id: string;
  readonly problem: string;
  /** The method, where it is not the one the house would take; and one beside it. */
  readonly method?: MethodId;
  readonly beside?: MethodId;
  readonly preset: PresetName;
  /** How far the board was worked, from 0 to 1. */
  readonly worked: number;
  readonly guess: string;
  readonly name: string;
  readonly pinned: boolean;
  readonly hoursAgo: number;
}

export const DEMO_BOARDS: readonly DemoBoard[] = [
  {
    id: "demobrakecable00001",
    problem: "40.3 + 7.865 + 12",
    preset: "fillersTrueValue",
    worked: 0.6,
    guess: "",
    name: "Cable on the drum, metres",
    pinned: true,
    hoursAgo: 30,
  },
  {
    id: "demochainoil0000002",
    problem: "5 − 2.004",
    preset: "fillersTrueValue",
    worked: 0.55,
    guess: "3",
    name: "Chain oil left, litres",
    pinned: false,
    hoursAgo: 1,
  },
  {
    id: "demotubepatches0009",
    problem: "12.5 × 0.46",
    method: "lattice",
    preset: "fillersTrueValue",
    worked: 0.62,
    guess: "6",
    name: "Patches from the sheet",
    pinned: false,
    hoursAgo: 2,
  },
  {
    id: "demogearcable000010",
    problem: "8.61 ÷ 0.7",
    preset: "fillersTrueValue",
    worked: 0.7,
    guess: "",
    name: "Gear cables from one roll",
    pinned: false,
    hoursAgo: 4,
  },
  {
    id: "demospokeboxes00011",
    problem: "2.35 × 14",
    method: "column-multiplication",
    beside: "area",
    preset: "fillersTrueValue",
    worked: 0.6,
    guess: "",
    name: "Fourteen bells",
    pinned: false,
    hoursAgo: 26,
  },
  {
    id: "demolubeperwheel012",
    problem: "10,4 : 0,3",
    preset: "commaBelow",
    worked: 1,
    guess: "",
    name: "Grease for each hub",
    pinned: false,
    hoursAgo: 51,
  },
  {
    id: "demopartsbill000003",
    problem: "18.99 + 7.5 + 12",
    preset: "gapsShort",
    worked: 1,
    guess: "40",
    name: "Bill: tyre, tube, labour",
    pinned: false,
    hoursAgo: 3,
  },
  {
    id: "demospokelength0004",
    problem: "29,5 − 26,175",
    preset: "commaBelow",
    worked: 0.8,
    guess: "",
    name: "Spoke cut off, centimetres",
    pinned: false,
    hoursAgo: 22,
  },
  {
    id: "demobelowsea0000005",
    problem: "2.4 − 8.15",
    preset: "fillersTrueValue",
    worked: 1,
    guess: "−6",
    name: "Ride down to the polder",
    pinned: false,
    hoursAgo: 27,
  },
  {
    id: "demoacrosszeros0006",
    problem: "300.02 − 48.756",
    preset: "exchangeByPlaces",
    worked: 0.5,
    guess: "",
    name: "",
    pinned: false,
    hoursAgo: 49,
  },
  {
    id: "demoparcels00000007",
    problem: "12.06 + 3.9",
    preset: "fillersTrueValue",
    worked: 0.4,
    guess: "",
    name: "Two parcels, kilograms",
    pinned: false,
    hoursAgo: 75,
  },
  {
    id: "demostocktake000008",
    problem: "1386 + 2479 + 58",
    preset: "gapsShort",
    worked: 1,
    guess: "",
    name: "",
    pinned: false,
    hoursAgo: 170,
  },
];
