import { Sheet, type Square } from "../sheet";

/** A hand that goes to any square at any moment: digits from either end, fractions stroke by stroke, notes where there is room. */
export class Hand extends Sheet {
  /** Writes a number from its last digit to its first, its point when it is reached. */
  leftward(text: string, row: number, right: number): readonly Square[] {
    const places = text.split(".")[1]?.length ?? 0;
    const digits = [...text.replace(".", "")];
    const squares: Square[] = [];
    for (let nth = digits.length - 1; nth >= 0; nth--) {
      if (places > 0 && digits.length - nth === places + 1) this.point(right - places, row);
      squares.unshift(this.sign(digits[nth] ?? "", right - digits.length + nth, row));
    }
    return squares;
  }

  /** Writes a number from its first digit to its last, its point when it is reached. */
  rightward(text: string, row: number, right: number): readonly Square[] {
    const digits = text.replace(".", "").length;
    return this.line(text, right - digits, row);
  }

  point(line: number, row: number): void {
    this.marks.push({ kind: "point", line, row, look: "written" });
  }

  /** A fraction as its strokes come: what is over, the bar, what is under; or the bar first. */
  stroked(over: string, under: string, col: number, row: number, barFirst: boolean) {
    const width = Math.max(over.length, under.length);
    if (barFirst) this.rule(row + 1, col, col + width);
    const top = this.line(over, col + Math.floor((width - over.length) / 2), row);
    if (!barFirst) this.rule(row + 1, col, col + width);
    const bottom = this.line(under, col + Math.floor((width - under.length) / 2), row + 1);
    return { top, bottom, end: col + width };
  }
}
