import type { HouseRules } from "../house";
import type { Picture, Pieces } from "../pictures";
import { listed, sentence } from "./line";
import { countOf, inText } from "./numberWords";

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
