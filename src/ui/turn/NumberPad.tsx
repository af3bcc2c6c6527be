"use client";

import { Delete, MoveLeft, MoveRight, Redo2, Undo2 } from "lucide-react";
import type { ReactElement, ReactNode } from "react";
import type { Hand, Stroke, Way } from "./strokes";

/** Everything that can be written, by touch: the keys are as large as a finger. */
export function NumberPad({
  hand,
  goes,
  letters,
  lattice,
  decimalSign,
  onStroke,
  onLattice,
}: {
  readonly hand: Hand;
  readonly goes: Way;
  /** The units of the problem, to be written as they are. */
  readonly letters: readonly string[];
  readonly lattice: boolean;
  readonly decimalSign: string;
  readonly onStroke: (stroke: Stroke) => void;
  readonly onLattice: () => void;
}): ReactElement {
  const glyph = (text: string): ReactElement => (
    <Key key={text} label={text} onPress={() => onStroke({ kind: "glyph", text })}>
      <span className="font-board text-[20px]">{text}</span>
    </Key>
  );
  return (
    <fieldset aria-label="Number pad" className="grid grid-cols-6 content-start gap-1.5">
      {["7", "8", "9"].map(glyph)}
      {glyph("+")}
      <Key label="Undo" onPress={() => onStroke({ kind: "undo" })}>
        <Undo2 aria-hidden="true" className="size-5" />
      </Key>
      <Key label="Do again" onPress={() => onStroke({ kind: "redo" })}>
        <Redo2 aria-hidden="true" className="size-5" />
      </Key>
      {["4", "5", "6"].map(glyph)}
      {glyph("−")}
      <Key label="Rub out" onPress={() => onStroke({ kind: "rub" })}>
        <Delete aria-hidden="true" className="size-5" />
      </Key>
      <Key
        label={goes === "left" ? "Writes to the left" : "Writes to the right"}
        onPress={() => onStroke({ kind: "turn" })}
      >
        {goes === "left" ? (
          <MoveLeft aria-hidden="true" className="size-5" />
        ) : (
          <MoveRight aria-hidden="true" className="size-5" />
        )}
      </Key>
      {["1", "2", "3"].map(glyph)}
      {glyph("×")}
      <Key
        label="Small digits"
        on={hand === "small"}
        onPress={() => onStroke({ kind: "hand", hand: "small" })}
      >
        <span className="self-start pt-1 font-board text-[13px]">small</span>
      </Key>
      <Key label="Strike through" onPress={() => onStroke({ kind: "strike" })}>
        <span className="font-board text-[20px] line-through">8</span>
      </Key>
      {glyph("0")}
      <Key label="Point" onPress={() => onStroke({ kind: "point" })}>
        <span className="font-board text-[24px] leading-none">{decimalSign}</span>
      </Key>
      {glyph("=")}
      {glyph("÷")}
      <Key label="Fraction bar" onPress={() => onStroke({ kind: "bar" })}>
        <span className="text-[13px]">bar</span>
      </Key>
      <Key label="Rule" onPress={() => onStroke({ kind: "rule" })}>
        <span className="text-[13px]">rule</span>
      </Key>
      {letters.map(glyph)}
      {lattice && (
        <Key label="Lattice" onPress={onLattice}>
          <span className="text-[13px]">lattice</span>
        </Key>
      )}
      <Key label="Jumps" on={hand === "jump"} onPress={() => onStroke({ kind: "hand", hand: "jump" })}>
        <span className="text-[13px]">jumps</span>
      </Key>
    </fieldset>
  );
}

function Key({
  label,
  on,
  onPress,
  children,
}: {
  readonly label: string;
  readonly on?: boolean;
  readonly onPress: () => void;
  readonly children: ReactNode;
}): ReactElement {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      aria-pressed={on}
      // The paper keeps the focus, so that keys go on writing.
      onPointerDown={(event) => event.preventDefault()}
      onClick={onPress}
      className="grid h-12 min-w-11 place-items-center rounded-lg border border-edge bg-page hover:bg-shade aria-pressed:border-pencil aria-pressed:bg-shade"
    >
      {children}
    </button>
  );
}
