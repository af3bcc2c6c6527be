import { RefreshCw } from "lucide-react";
import type { ReactElement } from "react";
import { Button } from "../../../parts/Button";
import { PlaceLink } from "../../../parts/PlaceLink";
import { type AddressedRecipe, COUNTS, recipeAddress } from "../../recipeAddress";
import type { SheetRows } from "../useSheetRows";

/** Draws other problems: all of a drawn sheet by its address, else those that are not locked. */
export const DrawAnew = ({
  recipe,
  sheet,
}: {
  readonly recipe: AddressedRecipe | undefined;
  readonly sheet: SheetRows;
}): ReactElement =>
  recipe !== undefined && sheet.rows.every(({ locked }) => !locked) ? (
    <PlaceLink href={recipeAddress({ ...recipe, seed: recipe.seed + 1 })} look="quiet">
      <RefreshCw aria-hidden="true" className="size-4.5" />
      Draw others
    </PlaceLink>
  ) : (
    <Button
      look="quiet"
      disabled={sheet.drawing || sheet.rows.every(({ locked }) => locked)}
      onClick={() => void sheet.redrawUnlocked()}
    >
      <RefreshCw aria-hidden="true" className="size-4.5" />
      Draw those that are not locked
    </Button>
  );

/** How many problems are drawn. */
export const HowMany = ({ recipe }: { readonly recipe: AddressedRecipe }): ReactElement => (
  <p className="mt-1 flex flex-wrap items-center print:hidden">
    <span className="mr-1 text-note text-soft">How many:</span>
    {COUNTS.map((one) => (
      <PlaceLink
        key={one}
        href={recipeAddress({ ...recipe, count: one })}
        aria-current={one === recipe.count ? "true" : undefined}
        aria-label={`${one} problems`}
        className="grid size-10 place-items-center rounded-lg hover:bg-shade aria-[current=true]:bg-shade aria-[current=true]:font-semibold pointer-coarse:size-11"
      >
        {one}
      </PlaceLink>
    ))}
  </p>
);
