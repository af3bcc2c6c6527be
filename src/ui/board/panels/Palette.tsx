import type { ReactElement, RefObject } from "react";
import { flushSync } from "react-dom";
import type { HouseRules } from "@/core/house";
import { signOf } from "@/core/problem";
import { currencyOf } from "@/core/quantity";

/** What a key of the palette writes into the line, and what it is called aloud. */
interface PaletteKey {
  readonly shown: string;
  readonly named: string;
  readonly text: string;
}

const keysOf = (house: HouseRules): readonly PaletteKey[] => [
  { shown: signOf("add", house), named: "plus", text: " + " },
  { shown: signOf("subtract", house), named: "minus", text: " − " },
  { shown: signOf("multiply", house), named: "times", text: ` ${signOf("multiply", house)} ` },
  { shown: signOf("divide", house), named: "divided by", text: ` ${signOf("divide", house)} ` },
  { shown: "to places", named: "to 2 places", text: " to 2 places" },
  { shown: "remainder", named: "with remainder", text: " with remainder" },
  { shown: "( )", named: "brackets", text: "()" },
  { shown: "½", named: "a fraction", text: "/" },
  { shown: currencyOf(house.currency).sign, named: "money", text: currencyOf(house.currency).sign },
  { shown: "°", named: "degrees", text: "°" },
  { shown: "as fraction", named: "as a fraction", text: " as a fraction" },
  { shown: "round", named: "round", text: "round " },
  { shown: "compare", named: "compare", text: "compare " },
  { shown: "simplify", named: "simplify", text: "simplify " },
];

/** Keys for what is hard to type, under the line while it is being written. Each writes where the cursor is. */
export default function Palette({
  house,
  field,
  onText,
}: {
  readonly house: HouseRules;
  readonly field: RefObject<HTMLInputElement | null>;
  readonly onText: (text: string) => void;
}): ReactElement {
  const write = (text: string): void => {
    const input = field.current;
    if (input === null) return;
    const [from, to] = [input.selectionStart ?? input.value.length, input.selectionEnd ?? input.value.length];
    const opens = text.endsWith(" ") && !text.startsWith(" ");
    const [at, until] = opens ? [0, 0] : [from, to];
    const line = input.value.slice(0, at) + text + input.value.slice(until);
    // The line stands before the cursor is set: what is typed next must not come in between.
    flushSync(() => onText(line));
    // Between brackets, where what is bracketed will stand.
    const cursor = opens ? from + text.length : at + text.length - (text === "()" ? 1 : 0);
    input.focus();
    input.setSelectionRange(cursor, cursor);
  };
  return (
    <div
      role="toolbar"
      aria-label="Signs"
      className="absolute top-full left-0 z-20 mt-1 flex max-w-[min(640px,90vw)] flex-wrap gap-1 rounded-xl border border-edge bg-page p-1 shadow-sheet"
    >
      {keysOf(house).map(({ shown, named, text }) => (
        <button
          key={named}
          type="button"
          aria-label={named}
          // The line keeps the cursor while a key is pressed.
          onPointerDown={(event) => event.preventDefault()}
          onClick={() => write(text)}
          className="h-9 min-w-9 rounded-lg px-2 text-note whitespace-nowrap hover:bg-shade"
        >
          {shown}
        </button>
      ))}
    </div>
  );
}
