import { renderToStaticMarkup } from "react-dom/server";
import type { HouseChoices } from "@/core/house";
import type { MethodId } from "@/core/methods";
import { houseGiven } from "@/service/requests/marking/marking";
import { MethodSample } from "@/ui/methods/MethodSample";
import { BoardThumbnail } from "@/ui/today/BoardThumbnail";

/** A kept board as far as its picture goes. */
export interface ThumbnailOf {
  readonly problem: string;
  readonly method: MethodId;
  readonly house: HouseChoices;
  readonly step: number;
}

/** The pictures of some kept boards as HTML, each at the step where it was left; empty where its problem no longer reads. */
export const thumbnails = ({ boards }: { readonly boards: readonly ThumbnailOf[] }): readonly string[] =>
  boards.map(({ house, ...board }) =>
    renderToStaticMarkup(<BoardThumbnail board={{ ...board, house: houseGiven(house) }} />),
  );

/** A method's sample worked under some house rules: the problem as the house writes it, and its board as HTML. */
export const methodSample = ({
  method,
  house: choices,
}: {
  readonly method: MethodId;
  readonly house: HouseChoices;
}): string => renderToStaticMarkup(<MethodSample id={method} house={houseGiven(choices)} />);
