import type { HouseRules } from "../../house";
import type { Picture, Pieces } from "../../pictures";
import { listed, sentence } from "../numbers/line";
import { countOf, inText } from "../numbers/numberWords";
import { piecesInWords } from "../numbers/piecesWords";
import { numberInWords, unitName } from "../numbers/quantityWords";

const PARTS_SHAPE = {
  bars: "bars cut into equal parts",
  circles: "circles cut into equal parts",
  line: "stretches of a line cut into equal parts",
} as const;

/** A picture in words, for those who can't see it. */
export function pictureWords(picture: Picture, house: HouseRules): string {
  const counted = ({ place, count }: Pieces): string => countOf(count, place, house);
  switch (picture.kind) {
    case "pieces": {
      const before = listed(picture.groups.map(counted));
      if (picture.becomes.length === 0) return sentence(`${before}, drawn as pieces.`);
      return sentence(`${before}, regrouped as ${listed(picture.becomes.map(counted))}.`);
    }
    case "line": {
      const ends = `A number line from ${inText(picture.from, house)} to ${inText(picture.to, house)}`;
      if (picture.marked) return `${ends} with ${inText(picture.marked, house)} marked on it.`;
      return `${ends} with jumps to ${listed(picture.stops.slice(1).map((stop) => inText(stop, house)))}.`;
    }
    case "parts": {
      const shape = PARTS_SHAPE[house.fractionPictures];
      const rows = picture.rows.map(({ fraction, cutInto }) => {
        const cut = cutInto === undefined ? "" : `, each part cut again so that there are ${cutInto}`;
        return `${numberInWords(fraction, house)}${cut}`;
      });
      return sentence(
        `${shape}: ${rows.join("; ")}${picture.wrong ? ". The last one is too small to be right" : ""}.`,
      );
    }
    case "bond": {
      const sides = [picture.before, picture.after].map((parts) =>
        listed(parts.map(({ count, unit }) => `${count} ${unitName(unit, count === 1n, house)}`)),
      );
      return sentence(`a number bond: ${sides[0]}, which is also ${sides[1]}.`);
    }
    case "till":
      return sentence(`${piecesInWords(picture.pieces, picture.currency)}, laid side by side.`);
    case "sides":
      return sentence(
        `a bar of ${inText(picture.above, house)} above zero and a bar of ${inText(picture.below, house)} below it.`,
      );
    case "rectangle": {
      const [across, down] = [picture.across, picture.down].map((parts) =>
        listed(parts.map((part) => inText(part, house))),
      );
      const part = picture.part
        ? ` The part ${inText(picture.part.down, house)} by ${inText(picture.part.across, house)} is filled.`
        : "";
      return `A rectangle, ${across} along the top, ${down} down the side.${part}`;
    }
  }
}
