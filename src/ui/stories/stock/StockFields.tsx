import { Upload } from "lucide-react";
import type { ReactElement } from "react";
import { CURRENCY_IDS, currencyOf } from "@/core/quantity";
import { UNIT_SYSTEMS } from "@/core/stories";
import { stockColumns } from "@/render/formats/stockFile";
import { ChooseFile } from "../../parts/ChooseFile";
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
    <p>
      <ChooseFile
        look="quiet"
        accept=".csv,text/csv"
        onChosen={(file) => void file.text().then((read) => onDraft({ ...draft, text: read }))}
      >
        <Upload aria-hidden="true" className="size-4.5" />
        Read CSV
      </ChooseFile>
    </p>
  </div>
);
