import { Calculator, Columns2, Copy, Layers, PencilLine, Split, Volume2 } from "lucide-react";
import type { ReactElement, ReactNode, RefObject } from "react";
import { PlaceLink } from "../../parts/PlaceLink";

/** What can be opened from the head of the paper. */
export type PageTool = "form" | "another" | "beside" | "calculator" | "copy";

/** The tools of the problem that is open: the form of its answer, a second board, the calculator, a copy to take away. */
export function PageTools({
  form,
  takesForm,
  besideOn,
  open,
  voice,
  aloud,
  buttons,
  ways,
  onTool,
  onAloud,
}: {
  /** The wanted form in words. */
  readonly form: string;
  readonly takesForm: boolean;
  readonly besideOn: boolean;
  readonly open: PageTool | undefined;
  /** Whether the browser has a voice. */
  readonly voice: boolean;
  readonly aloud: boolean;
  readonly buttons: Readonly<Record<PageTool, RefObject<HTMLButtonElement | null>>>;
  /** The addresses of the problem handed over, and of its wrong ways. */
  readonly ways: { readonly yourTurn: string; readonly wrongWay: string };
  readonly onTool: (tool: PageTool) => void;
  readonly onAloud: () => void;
}): ReactElement {
  return (
    <fieldset className="print:hidden flex shrink-0 items-center gap-0.5" aria-label="Tools">
      {takesForm && (
        <button
          ref={buttons.form}
          type="button"
          aria-haspopup="dialog"
          aria-expanded={open === "form"}
          onClick={() => onTool("form")}
          className="h-9 rounded-lg px-2.5 text-small text-soft hover:bg-shade hover:text-ink"
        >
          Answer <span className="font-semibold text-ink">{form}</span>
        </button>
      )}
      <PlaceLink href={ways.yourTurn} aria-label="Your turn" title="Your turn" className={TOOL}>
        <PencilLine aria-hidden="true" className="size-[18px]" />
      </PlaceLink>
      <PlaceLink
        href={ways.wrongWay}
        aria-label="The tempting wrong way"
        title="The tempting wrong way"
        className={TOOL}
      >
        <Split aria-hidden="true" className="size-[18px]" />
      </PlaceLink>
      <Tool
        label="Another problem"
        button={buttons.another}
        open={open === "another"}
        onPress={() => onTool("another")}
      >
        <Layers aria-hidden="true" className="size-[18px]" />
      </Tool>
      <Tool
        label="Two boards side by side"
        button={buttons.beside}
        on={besideOn}
        open={open === "beside"}
        onPress={() => onTool("beside")}
      >
        <Columns2 aria-hidden="true" className="size-[18px]" />
      </Tool>
      <Tool
        label="Pocket calculator"
        button={buttons.calculator}
        open={open === "calculator"}
        onPress={() => onTool("calculator")}
      >
        <Calculator aria-hidden="true" className="size-[18px]" />
      </Tool>
      <Tool label="Copy out" button={buttons.copy} open={open === "copy"} onPress={() => onTool("copy")}>
        <Copy aria-hidden="true" className="size-[18px]" />
      </Tool>
      {voice && (
        <button
          type="button"
          role="switch"
          aria-checked={aloud}
          aria-label="Read aloud"
          title="Read aloud"
          onClick={onAloud}
          className={TOOL}
        >
          <Volume2 aria-hidden="true" className="size-[18px]" />
        </button>
      )}
    </fieldset>
  );
}

const TOOL =
  "grid size-9 place-items-center rounded-lg text-soft hover:bg-shade hover:text-ink aria-checked:bg-shade aria-checked:text-plumb data-[on=true]:text-plumb aria-expanded:bg-shade";

function Tool({
  label,
  button,
  on = false,
  open,
  onPress,
  children,
}: {
  readonly label: string;
  readonly button: RefObject<HTMLButtonElement | null>;
  readonly on?: boolean;
  readonly open: boolean;
  readonly onPress: () => void;
  readonly children: ReactNode;
}): ReactElement {
  return (
    <button
      ref={button}
      type="button"
      aria-haspopup="dialog"
      aria-expanded={open}
      aria-label={label}
      title={label}
      data-on={on}
      onClick={onPress}
      className={TOOL}
    >
      {children}
    </button>
  );
}
