import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { forgetLeft, isOwn, rememberUnsent, unsentAbout, unsentOfKind } from "./browserStore";

/** The store of a browser, as far as it is used: what is put in is a property of it, as in browsers. */
class Store {
  [name: string]: unknown;
  getItem(name: string): string | null {
    const found = Object.hasOwn(this, name) ? this[name] : undefined;
    return typeof found === "string" ? found : null;
  }
  setItem(name: string, value: string): void {
    this[name] = value;
  }
  removeItem(name: string): void {
    delete this[name];
  }
}

/** Another window on the same browser: its own session, the same store. */
const anotherWindow = (): void => void vi.stubGlobal("sessionStorage", new Store());

/** Windows that answer when asked who is there. */
function thereAre(...names: readonly string[]): void {
  class Roll {
    onmessage: ((event: { readonly data: unknown }) => void) | null = null;
    postMessage(what: unknown): void {
      if (what === "who") for (const name of names) this.onmessage?.({ data: name });
    }
    close(): void {
      this.onmessage = null;
    }
  }
  vi.stubGlobal("BroadcastChannel", Roll);
}

const windowName = (): string => String(sessionStorage.getItem("right-sum-window"));

beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal("localStorage", new Store());
  anotherWindow();
  thereAre();
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

async function found<Value>(asked: Promise<Value>): Promise<Value> {
  await vi.advanceTimersByTimeAsync(1000);
  return asked;
}
const values = (left: readonly { readonly value: unknown }[]): readonly unknown[] =>
  left.map(({ value }) => value);

describe("what a window could not hand over", () => {
  it("is there when it comes back, as it was last, and gone once it is kept", async () => {
    rememberUnsent("board one", { step: 2 });
    rememberUnsent("board one", { step: 3 });
    rememberUnsent("board two", { step: 9 });
    expect(values(await found(unsentAbout("board one")))).toEqual([{ step: 3 }]);
    rememberUnsent("board one", undefined);
    expect(await found(unsentAbout("board one"))).toEqual([]);
    expect(values(await found(unsentAbout("board two")))).toEqual([{ step: 9 }]);
  });

  it("is not written over by another window, and is found by it once the first is gone; the oldest first", async () => {
    rememberUnsent("sheet one", { answers: ["44.6"] });
    await vi.advanceTimersByTimeAsync(50);
    anotherWindow();
    rememberUnsent("sheet one", { answers: ["5/6"] });
    const left = await found(unsentAbout("sheet one"));
    expect(values(left)).toEqual([{ answers: ["44.6"] }, { answers: ["5/6"] }]);
    expect(left.map(({ key }) => isOwn(key))).toEqual([false, true]);
    forgetLeft(left.filter(({ key }) => !isOwn(key)));
    expect(values(await found(unsentAbout("sheet one")))).toEqual([{ answers: ["5/6"] }]);
  });

  it("is left to a window that still is there", async () => {
    rememberUnsent("board one", { step: 2 });
    const first = windowName();
    anotherWindow();
    thereAre(first);
    expect(await found(unsentAbout("board one"))).toEqual([]);
    thereAre("somebody else");
    expect(values(await found(unsentAbout("board one")))).toEqual([{ step: 2 }]);
  });

  it("is told apart by what it is about, and what is no longer legible stops nothing", async () => {
    rememberUnsent("board one", { step: 2 });
    rememberUnsent("sheet one", { answers: [] });
    localStorage.setItem("right-sum-unsent board torn gone", '{"at":1,"val');
    localStorage.setItem("right-sum-unsent board odd gone", "[]");
    localStorage.setItem("right-sum-unsent board undated gone", '{"value":{"step":1}}');
    localStorage.setItem("another program's", "board");
    expect((await found(unsentOfKind("board"))).map(({ about, value }) => ({ about, value }))).toEqual([
      { about: "one", value: { step: 2 } },
    ]);
  });

  it("is said to be not remembered where the browser is full or forbids it", () => {
    const full = new Store();
    full.setItem = () => {
      throw new Error("QuotaExceededError");
    };
    vi.stubGlobal("localStorage", full);
    expect(rememberUnsent("board one", { step: 2 })).toBe(false);
  });
});
