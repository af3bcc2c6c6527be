"use client";

/**
 * What a window has not yet handed to the server, in the browser's own store: it comes back where the window
 * was closed, or the machine went down. Each window writes under a name of its own, so that two of them never
 * write over one another.
 */
const PREFIX = "right-sum-unsent ";

/** Something of a window that is gone, or was when it was looked for. */
interface Left {
  readonly key: string;
  readonly value: unknown;
}

const WINDOW = "right-sum-window";

/** The name of this window, the same after it is loaded anew. */
function windowName(): string {
  const known = sessionStorage.getItem(WINDOW);
  if (known !== null) return known;
  const name = Array.from(crypto.getRandomValues(new Uint8Array(8)), (byte) => byte.toString(36)).join("");
  sessionStorage.setItem(WINDOW, name);
  return name;
}

const keyOf = (about: string): string => `${PREFIX}${about} ${windowName()}`;

/** Remembers what is not kept yet about something; nothing more once there is nothing. Says whether the browser could. */
export function rememberUnsent(about: string, value: object | undefined): boolean {
  try {
    if (value === undefined) localStorage.removeItem(keyOf(about));
    else localStorage.setItem(keyOf(about), JSON.stringify({ at: Date.now(), value }));
    return true;
  } catch {
    return false;
  }
}

const ROLL = "right-sum-roll";
/** How long windows are given to say that they are there, in milliseconds. */
const ANSWER_WITHIN = 250;

/** Answers other windows that ask who is there. */
export function answerRoll(): () => void {
  if (typeof BroadcastChannel === "undefined") return () => undefined;
  const roll = new BroadcastChannel(ROLL);
  roll.onmessage = ({ data }) => {
    if (data === "who") roll.postMessage(windowName());
  };
  return () => roll.close();
}

/** The names of the other windows that are open on this browser. */
function otherWindows(): Promise<ReadonlySet<string>> {
  if (typeof BroadcastChannel === "undefined") return Promise.resolve(new Set());
  return new Promise((resolve) => {
    const names = new Set<string>();
    const roll = new BroadcastChannel(ROLL);
    roll.onmessage = ({ data }) => {
      if (typeof data === "string" && data !== "who") names.add(data);
    };
    roll.postMessage("who");
    setTimeout(() => {
      roll.close();
      resolve(names);
    }, ANSWER_WITHIN);
  });
}

/** What windows that are gone, or this one before, had not handed over, by what it is about; the oldest first. */
async function unsentUnder(start: string): Promise<readonly (Left & { readonly about: string })[]> {
  const mine = PREFIX + start;
  const keys = Object.keys(localStorage).filter((key) => key.startsWith(mine));
  if (keys.length === 0) return [];
  const others = keys.some((key) => !isOwn(key)) ? await otherWindows() : new Set<string>();
  return keys
    .filter((key) => isOwn(key) || !others.has(key.slice(key.lastIndexOf(" ") + 1)))
    .flatMap((key) => {
      const left = parsed(localStorage.getItem(key));
      const about = key.slice(mine.length, key.lastIndexOf(" "));
      return left === undefined ? [] : [{ key, about, ...left }];
    })
    .sort((a, b) => a.at - b.at);
}

/** What was not handed over about one thing. */
export const unsentAbout = (about: string): Promise<readonly Left[]> => unsentUnder(`${about} `);

/** What was not handed over about anything of a kind: `about` is which one. */
export const unsentOfKind = (kind: string): Promise<readonly (Left & { readonly about: string })[]> =>
  unsentUnder(`${kind} `);

/** Whether something in the store is this window's own. */
export const isOwn = (key: string): boolean => key.endsWith(` ${windowName()}`);

/** Takes what windows that are gone had left out of the store: this window has it now. */
export function forgetLeft(left: readonly Left[]): void {
  for (const { key } of left) localStorage.removeItem(key);
}

function parsed(text: string | null): { readonly at: number; readonly value: unknown } | undefined {
  try {
    const found: unknown = JSON.parse(text ?? "");
    if (typeof found !== "object" || found === null || !("value" in found) || !("at" in found))
      return undefined;
    return typeof found.at === "number" ? { at: found.at, value: found.value } : undefined;
  } catch {
    return undefined;
  }
}
