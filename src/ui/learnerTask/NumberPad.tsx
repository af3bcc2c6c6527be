"use client";

import { CornerDownLeft, Delete, MoveLeft, MoveRight, Redo2, Undo2 } from "lucide-react";
import type { ReactElement } from "react";
import type { Hand, HandStroke, Way } from "./hand/hand";
import { KeyButton } from "./KeyButton";

/** Everything that can be written, by touch: the keys are as large as a finger. */
export function NumberPad({
  hand,
  goes,
  letters,
  signs,
  lattice,
  quotient,
  decimalSign,
  drawsToo,
  onStroke,
  onLattice,
  onDraw,
}: {
  readonly hand: Hand;
  readonly goes: Way;
  /** The units of the problem, to be written as they are. */
  readonly letters: readonly string[];
  /** Other signs that this kind of problem needs. */
  readonly signs: readonly string[];
  readonly lattice: boolean;
  /** Whether there may be a quotient to go to, and a bracket. */
  readonly quotient: boolean;
  readonly decimalSign: string;
  /** Whether what can be drawn is shown too. */
  readonly drawsToo: boolean;
  readonly onStroke: (stroke: HandStroke) => void;
  readonly onLattice: () => void;
  readonly onDraw: () => void;
}): ReactElement {
  const glyph = (text: string): ReactElement => (
    <KeyButton key={text} label={text} onPress={() => onStroke({ kind: "glyph", text })}>
      <span className="font-board text-lead">{text}</span>
    </KeyButton>
  );
  const word = (label: string, text: string, stroke: HandStroke): ReactElement => (
    <KeyButton label={label} onPress={() => onStroke(stroke)}>
      <span className="text-small">{text}</span>
    </KeyButton>
  );
  return (
    <fieldset aria-label="Number pad" className="grid grid-cols-6 content-start gap-1.5">
      {["7", "8", "9"].map(glyph)}
      {glyph("+")}
      <KeyButton label="Undo" onPress={() => onStroke({ kind: "undo" })}>
        <Undo2 aria-hidden="true" className="size-5" />
      </KeyButton>
      <KeyButton label="Do again" onPress={() => onStroke({ kind: "redo" })}>
        <Redo2 aria-hidden="true" className="size-5" />
      </KeyButton>
      {["4", "5", "6"].map(glyph)}
      {glyph("−")}
      <KeyButton label="Rub out" onPress={() => onStroke({ kind: "rub" })}>
        <Delete aria-hidden="true" className="size-5" />
      </KeyButton>
      <KeyButton label="Next line" onPress={() => onStroke({ kind: "line" })}>
        <CornerDownLeft aria-hidden="true" className="size-5" />
      </KeyButton>
      {["1", "2", "3"].map(glyph)}
      {glyph("×")}
      <KeyButton
        label="Small digits"
        on={hand === "small"}
        onPress={() => onStroke({ kind: "hand", hand: "small" })}
      >
        <span className="self-start pt-1 font-board text-small">small</span>
      </KeyButton>
      <KeyButton label="Strike through" onPress={() => onStroke({ kind: "strike" })}>
        <span className="font-board text-lead line-through">8</span>
      </KeyButton>
      {glyph("0")}
      <KeyButton label="Point" onPress={() => onStroke({ kind: "point" })}>
        <span className="font-board text-title leading-none">{decimalSign}</span>
      </KeyButton>
      {glyph("=")}
      {glyph("÷")}
      {word("Fraction bar", "bar", { kind: "bar" })}
      {word("Rule", "rule", { kind: "rule" })}
      {word("Leave a square", "space", { kind: "ahead" })}
      <KeyButton
        label={goes === "left" ? "Writes to the left" : "Writes to the right"}
        onPress={() => onStroke({ kind: "turn" })}
      >
        {goes === "left" ? (
          <MoveLeft aria-hidden="true" className="size-5" />
        ) : (
          <MoveRight aria-hidden="true" className="size-5" />
        )}
      </KeyButton>
      {quotient && word("Line before the dividend", "wall", { kind: "wall" })}
      {quotient && word("To the quotient and back", "quot.", { kind: "quotient" })}
      {[...new Set([...signs, ...letters])].map(glyph)}
      {lattice && (
        <KeyButton label="Lattice" onPress={onLattice}>
          <span className="text-small">lattice</span>
        </KeyButton>
      )}
      <KeyButton label="Draw and lay" on={drawsToo} onPress={onDraw}>
        <span className="text-small">draw</span>
      </KeyButton>
    </fieldset>
  );
}
