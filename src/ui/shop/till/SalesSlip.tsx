import { X } from "lucide-react";
import type { ReactElement } from "react";
import { IconButton } from "../../parts/IconButton";
import type { TillState } from "./useTill";

/** What was rung up, and the field for its total. */
export const SalesSlip = ({
  till: { day, typed, found, write, act, type },
}: {
  readonly till: TillState;
}): ReactElement => (
  <div className="rounded-2xl border border-edge bg-page p-4 shadow-sheet">
    {day.basket.length === 0 && <p className="text-soft">Ring up something from the shelf.</p>}
    <ul className="font-board text-lead">
      {day.basket.map(({ id, name, price }) => (
        <li key={id} className="flex items-center justify-between gap-2">
          {name}
          <span className="flex items-center gap-1">
            {write(price)}
            {day.paid === undefined && (
              <IconButton
                label={`Take the ${name} off`}
                onPress={() => act({ ...day, basket: day.basket.filter((one) => one.id !== id) })}
              >
                <X aria-hidden="true" className="size-4.5" />
              </IconButton>
            )}
          </span>
        </li>
      ))}
    </ul>
    {day.basket.length > 0 && (
      <label className="mt-2 flex items-center justify-between gap-3 border-t-2 border-ink pt-2 font-semibold">
        The total
        <input
          value={typed}
          readOnly={day.paid !== undefined}
          autoComplete="off"
          onChange={({ target }) => type(target.value)}
          data-found={found}
          className="h-12 w-40 rounded-lg border border-edge bg-paper px-3 text-right font-board text-title data-[found=true]:border-plumb data-[found=true]:ring-2 data-[found=true]:ring-plumb"
        />
      </label>
    )}
    {day.basket.length > 0 && typed !== "" && (
      <p role="status" className="text-right text-soft">
        {found ? "That is the total." : "Not the total yet."}
      </p>
    )}
  </div>
);
