import type { HouseChoices } from "@/core/house";
import type { Refusal } from "@/service/refusal";

/** Exit codes: the problem could not be worked; the command could not be understood. */
export const NOT_WORKED = 1;
export const MISUSED = 2;

/** What a command reads from and writes to: a line, or several with line breaks, each time. */
export interface Terminal {
  /** On the standard output. */
  readonly print: (text: string) => void;
  /** On the standard error. */
  readonly complain: (text: string) => void;
  /** The lines of the standard input, one after the other. */
  readonly lines: () => AsyncIterable<string>;
}

/** What may follow a command, as it was typed. */
export interface Options {
  readonly method?: string | undefined;
  readonly house?: string | undefined;
  readonly json: boolean;
  readonly lines: boolean;
  readonly count?: string | undefined;
  readonly seed?: string | undefined;
  readonly never?: string | undefined;
  readonly least?: string | undefined;
  readonly pdf?: string | undefined;
  readonly print?: string | undefined;
}

/** A whole number as it is typed, or what stands for none; nothing where it is something else. */
export const wholeTyped = (text: string | undefined, none: number): number | undefined =>
  text === undefined ? none : /^\d{1,9}$/.test(text) ? Number(text) : undefined;

/** How many are drawn and from which seed, with what stands for none; said and nothing where one of them is something else. */
export function countAndSeed(
  { count: typed, seed: from }: Options,
  usual: number,
  most: number,
  { complain }: Terminal,
): { readonly count: number; readonly seed: number } | undefined {
  const [count, seed] = [wholeTyped(typed, usual), wholeTyped(from, 1)];
  if (count !== undefined && seed !== undefined && count <= most && (typed === undefined || count > 0))
    return { count, seed };
  complain(`--count is a whole number from 1 to ${most}, --seed one from 0.`);
  return undefined;
}

/** `gapsShort`, or `narration=short,decimalMark=comma`, as house choices. */
export const choicesFrom = (text: string): HouseChoices =>
  Object.fromEntries(
    text
      .split(",")
      .filter((part) => part !== "")
      .map((part) => {
        const [name = "", setting] = part.split("=");
        return setting === undefined ? ["preset", name] : [name, setting];
      }),
  );

/** The line as typed, a caret under the place where reading stopped, and the sentence. */
export const complaint = (line: string, { message, at }: Refusal): string =>
  at === undefined || line.length > 200 ? message : `${line}\n${" ".repeat(at)}^\n${message}`;
