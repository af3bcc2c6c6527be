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

/** A place of the product: from these rows come the rail, the pictures of the docs, the bench, and the tests that go everywhere. */
interface Place {
  readonly name: string;
  readonly address: string;
  /** Where it stands on the rail, with its sign and its key; none where another place leads there. */
  readonly rail?: { readonly end: "head" | "foot"; readonly Icon: LucideIcon; readonly key: string };
  /** An address at which it has something to show, with no data kept. */
  readonly seen: string;
  /** The picture of it in the docs, and where the demo data shows it best; none where other views stand for it. */
  readonly picture?: { readonly name: string; readonly at: string };
  /** Whether squared paper is what it is for. */
  readonly paper?: true;
  /** Whether it only lists what is kept. */
  readonly lists?: true;
}

/** Every place, in the order of the rail. */
export const PLACES: readonly Place[] = [
  {
    name: "Today",
    lists: true,
    address: ROUTES.today,
    rail: { end: "head", Icon: CalendarDays, key: "1" },
    seen: ROUTES.today,
    picture: { name: "today", at: ROUTES.today },
  },
  {
    name: "Board",
    address: ROUTES.board,
    rail: { end: "head", Icon: Grid3x3, key: "2" },
    seen: `${ROUTES.board}?problem=40.3%2B7.865%2B12&step=3`,
    picture: { name: "board", at: `${ROUTES.board}?id=demobrakecable00001` },
    paper: true,
  },
  {
    name: "Sheets",
    address: ROUTES.sheets,
    rail: { end: "head", Icon: NotebookPen, key: "7" },
    seen: ROUTES.sheets,
    picture: { name: "sheets", at: `${ROUTES.sheets}/demodrawnspokes00001` },
  },
  {
    name: "Shop",
    address: ROUTES.shop(),
    rail: { end: "head", Icon: Scale, key: "8" },
    seen: ROUTES.shop("scale"),
    picture: { name: "shop", at: ROUTES.shop("scale") },
  },
  { name: "Word problems", address: ROUTES.stories, seen: ROUTES.stories },
  { name: "Stock lists", address: ROUTES.stockLists, seen: ROUTES.stockLists, lists: true },
  { name: "A story of your own", address: ROUTES.ownStory(), seen: ROUTES.ownStory() },
  { name: "Eight stories", address: ROUTES.storyProbe(), seen: ROUTES.storyProbe() },
  { name: "Your story", address: ROUTES.yourStory, seen: ROUTES.storyTurn("change-from-several", 3) },
  {
    name: "Marking",
    address: ROUTES.marking,
    rail: { end: "head", Icon: ListChecks, key: "3" },
    seen: ROUTES.marking,
  },
  {
    name: "Learners",
    lists: true,
    address: ROUTES.learners,
    rail: { end: "head", Icon: Users, key: "4" },
    seen: ROUTES.learners,
    picture: { name: "learner", at: `${ROUTES.learners}/demolearneriris00003` },
  },
  {
    name: "House rules",
    address: ROUTES.houseRules,
    rail: { end: "foot", Icon: Ruler, key: "5" },
    seen: ROUTES.houseRules,
    picture: { name: "house-rules", at: ROUTES.houseRules },
  },
  {
    name: "Safe keeping",
    address: ROUTES.safeKeeping,
    rail: { end: "foot", Icon: Archive, key: "6" },
    seen: ROUTES.safeKeeping,
  },
  {
    name: "Methods",
    lists: true,
    address: ROUTES.methods,
    seen: ROUTES.methods,
    picture: { name: "methods", at: ROUTES.methods },
  },
  {
    name: "Your turn",
    address: ROUTES.yourTurn,
    seen: `${ROUTES.yourTurn}?problem=53.2-17.8`,
    paper: true,
  },
  {
    name: "The wrong way",
    address: ROUTES.wrongWay,
    seen: `${ROUTES.wrongWay}?problem=53.2-17.8`,
    picture: {
      name: "wrong-way",
      at: `${ROUTES.wrongWay}?problem=403-127&patterns=sub-zero-to-nine-stop&given=376`,
    },
    paper: true,
  },
  { name: "Licences", address: ROUTES.licences, seen: ROUTES.licences },
];

/** The places of the rail, in its order. */
export const ON_RAIL = PLACES.flatMap(({ name, address, rail }) =>
  rail === undefined ? [] : [{ name, address, ...rail }],
);

/** How the place of a key is asked for. */
export const HOW_PLACE_KEYS = "Alt with the digit (on a Mac Option, outside a field)";
