import type { ReactElement } from "react";
import { CURRENCY_IDS, currencyOf } from "@/core/quantity";
import { UNIT_SYSTEMS } from "@/core/stories";
import { stockColumns } from "@/render/formats/stockFile";
import type { StockDraft } from "./stockDraft";

/** What a tutor writes of a list: its money, its units, and a thing a line, typed, pasted or from a file. */
export const StockFields = ({
  draft,
  onDraft,
}: {
  readonly draft: StockDraft;
  readonly onDraft: (draft: StockDraft) => void;
}): ReactElement => (
  <div className="mt-3 grid gap-1">
    <div className="flex flex-wrap gap-4">
      <label className="flex items-center gap-2">
        <span className="text-small text-soft">Its money</span>
        <select
          value={draft.currency ?? ""}
          onChange={({ target }) =>
            onDraft({ ...draft, currency: CURRENCY_IDS.find((id) => id === target.value) })
          }
          className="h-11 rounded-lg border border-edge bg-page px-2"
        >
          <option value="">As in the house rules</option>
          {CURRENCY_IDS.map((id) => (
            <option key={id} value={id}>
              {currencyOf(id).sign} {id}
            </option>
          ))}
        </select>
      </label>
      <label className="flex items-center gap-2">
        <span className="text-small text-soft">Its units</span>
        <select
          value={draft.system ?? "metric"}
          onChange={({ target }) =>
            onDraft({ ...draft, system: UNIT_SYSTEMS.find((id) => id === target.value) })
          }
          className="h-11 rounded-lg border border-edge bg-page px-2"
        >
          <option value="metric">Grams, centimetres, millilitres</option>
          <option value="imperial">Ounces, inches, fluid ounces</option>
        </select>
      </label>
    </div>
    <label className="grid gap-1">
      <span className="text-small text-soft">
        A thing a line: {stockColumns(draft.system ?? "metric").join(", ")}. Write, paste, or choose a file;
        what is not known stays empty.
      </span>
      <textarea
        value={draft.text}
        rows={9}
        spellCheck={false}
        onChange={({ target }) => onDraft({ ...draft, text: target.value })}
        className="w-full rounded-lg border border-edge bg-page p-3 font-board text-body"
      />
    </label>
    <label className="text-small text-soft">
      A CSV file{" "}
      <input
        type="file"
        accept=".csv,text/csv"
        onChange={({ target }) =>
          void target.files?.[0]?.text().then((read) => onDraft({ ...draft, text: read }))
        }
        className="text-ink file:mr-3 file:min-h-11 file:rounded-lg file:border file:border-edge file:border-solid file:bg-page file:px-4 file:font-semibold file:text-ink hover:file:bg-shade"
      />
    </label>
  </div>
);
