import {
  Archive,
  CalendarDays,
  Grid3x3,
  ListChecks,
  type LucideIcon,
  NotebookPen,
  Ruler,
  Scale,
  Users,
} from "lucide-react";
import { ROUTES } from "@/service/routes";

/** A place of the product: from these rows come the rail and its keys, and with `placesSeen.ts` the pictures of the docs, the bench, and the tests that go everywhere. */
interface Place {
  readonly name: string;
  readonly address: string;
  /** Where it stands on the rail, with its sign and its key; none where another place leads there. */
  readonly rail?: { readonly end: "head" | "foot"; readonly Icon: LucideIcon; readonly key: string };
  /** Whether it only lists what is kept. */
  readonly lists?: true;
}

/** Every place, in the order of the rail. */
export const PLACES = {
  today: {
    name: "Today",
    address: ROUTES.today,
    rail: { end: "head", Icon: CalendarDays, key: "1" },
    lists: true,
  },
  board: { name: "Board", address: ROUTES.board, rail: { end: "head", Icon: Grid3x3, key: "2" } },
  sheets: { name: "Sheets", address: ROUTES.sheets, rail: { end: "head", Icon: NotebookPen, key: "7" } },
  shop: { name: "Shop", address: ROUTES.shop(), rail: { end: "head", Icon: Scale, key: "8" } },
  wordProblems: { name: "Word problems", address: ROUTES.stories },
  stockLists: { name: "Stock lists", address: ROUTES.stockLists, lists: true },
  aStoryOfYourOwn: { name: "A story of your own", address: ROUTES.ownStory() },
  eightStories: { name: "Eight stories", address: ROUTES.storyProbe() },
  yourStory: { name: "Your story", address: ROUTES.yourStory },
  marking: { name: "Marking", address: ROUTES.marking, rail: { end: "head", Icon: ListChecks, key: "3" } },
  learners: {
    name: "Learners",
    address: ROUTES.learners,
    rail: { end: "head", Icon: Users, key: "4" },
    lists: true,
  },
  houseRules: {
    name: "House rules",
    address: ROUTES.houseRules,
    rail: { end: "foot", Icon: Ruler, key: "5" },
  },
  safeKeeping: {
    name: "Safe keeping",
    address: ROUTES.safeKeeping,
    rail: { end: "foot", Icon: Archive, key: "6" },
  },
  methods: { name: "Methods", address: ROUTES.methods, lists: true },
  yourTurn: { name: "Your turn", address: ROUTES.yourTurn },
  theWrongWay: { name: "The wrong way", address: ROUTES.wrongWay },
  licences: { name: "Licences", address: ROUTES.licences },
} as const satisfies Readonly<Record<string, Place>>;

const ALL: readonly Place[] = Object.values(PLACES);

/** The addresses of the places that only list what is kept. */
export const LISTS: ReadonlySet<string> = new Set(
  ALL.flatMap(({ address, lists }) => (lists ? [address] : [])),
);

/** The places of the rail, in its order. */
export const ON_RAIL = ALL.flatMap(({ name, address, rail }) =>
  rail === undefined ? [] : [{ name, address, ...rail }],
);

/** How the place of a key is asked for. */
export const HOW_PLACE_KEYS = "Alt with the digit (on a Mac Option, outside a field)";
