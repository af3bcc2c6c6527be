import { between, mass } from "../stock/drawing";
import { about, type StoryDraft } from "./kind";

/** A box that was weighed with so many equal things in it: how many, and what one of them, the full box and the empty one weigh, as they are told. */
interface FullBox {
  readonly n: string;
  readonly each: string;
  readonly full: string;
  readonly empty: string;
}

/** The heaviest full box, in the small unit. */
const HEAVIEST = 9000;

/** A story of a full box: its line, and which of its figures it gives. */
export const fullBox = (line: string, given: (box: FullBox) => StoryDraft["givens"]) =>
  about("mass", 1, (chances, [x], units) => {
    const [each, n] = [mass(chances, x), between(chances, 3, 9)];
    const empty = units.box(chances);
    if (n * each + empty > HEAVIEST) return undefined;
    const [one, full] = [units.mass(each), units.mass(n * each + empty)];
    return { givens: given({ n: String(n), each: one, full, empty: units.mass(empty) }), line };
  });
