import { ROUTES } from "@/service/routes";
import { PLACES } from "./places";

/** Where a place has something to show: for the pictures of the docs, the bench, and the tests that go everywhere. */
interface Seen {
  readonly place: { readonly name: string };
  /** An address at which it has something to show, with no data kept. */
  readonly seen: string;
  /** The picture of it in the docs, and where the demo data shows it best; none where other views stand for it. */
  readonly picture?: { readonly name: string; readonly at: string };
  /** Whether squared paper is what it is for. */
  readonly paper?: true;
}

const SEEN: Readonly<Record<keyof typeof PLACES, Seen>> = {
  today: { place: PLACES.today, seen: ROUTES.today, picture: { name: "today", at: ROUTES.today } },
  board: {
    place: PLACES.board,
    seen: `${ROUTES.board}?problem=40.3%2B7.865%2B12&step=3`,
    picture: { name: "board", at: `${ROUTES.board}?id=demobrakecable00001` },
    paper: true,
  },
  sheets: {
    place: PLACES.sheets,
    seen: ROUTES.sheets,
    picture: { name: "sheets", at: `${ROUTES.sheets}/demodrawnspokes00001` },
  },
  shop: {
    place: PLACES.shop,
    seen: ROUTES.shop("scale"),
    picture: { name: "shop", at: ROUTES.shop("scale") },
  },
  wordProblems: { place: PLACES.wordProblems, seen: ROUTES.stories },
  stockLists: { place: PLACES.stockLists, seen: ROUTES.stockLists },
  aStoryOfYourOwn: { place: PLACES.aStoryOfYourOwn, seen: ROUTES.ownStory() },
  eightStories: { place: PLACES.eightStories, seen: ROUTES.storyProbe() },
  yourStory: { place: PLACES.yourStory, seen: ROUTES.storyTurn("change-from-several", 3) },
  marking: { place: PLACES.marking, seen: ROUTES.marking },
  learners: {
    place: PLACES.learners,
    seen: ROUTES.learners,
    picture: { name: "learner", at: `${ROUTES.learners}/demolearneriris00003` },
  },
  houseRules: {
    place: PLACES.houseRules,
    seen: ROUTES.houseRules,
    picture: { name: "house-rules", at: ROUTES.houseRules },
  },
  safeKeeping: { place: PLACES.safeKeeping, seen: ROUTES.safeKeeping },
  methods: { place: PLACES.methods, seen: ROUTES.methods, picture: { name: "methods", at: ROUTES.methods } },
  yourTurn: { place: PLACES.yourTurn, seen: `${ROUTES.yourTurn}?problem=53.2-17.8`, paper: true },
  theWrongWay: {
    place: PLACES.theWrongWay,
    seen: `${ROUTES.wrongWay}?problem=53.2-17.8`,
    picture: {
      name: "wrong-way",
      at: `${ROUTES.wrongWay}?problem=403-127&patterns=sub-zero-to-nine-stop&given=376`,
    },
    paper: true,
  },
  licences: { place: PLACES.licences, seen: ROUTES.licences },
};

/** Every place by its name, and where it is seen, in the order of the rail. */
export const PLACES_SEEN = Object.values(SEEN).map(({ place, ...seen }) => ({ name: place.name, ...seen }));
