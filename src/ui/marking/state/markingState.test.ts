import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { NewsCell, SheetAct, SheetKept, SheetNews } from "@/service/kept/markingSheet";
import { squareKey } from "@/service/kept/markingSheet";
import { entered, type MarkingState, sheetFrom, withActs, withChanges, withTyping } from "./markingState";
import { BLANK_SHEET } from "./packedSheet";
import { type Sending, toSend, unsentOf, withChoice, withKept, withNews, withRefused } from "./sendingState";
import { typedIn } from "./squares";
import { withUnsent } from "./unsent";

/** A server of the kind the sheet talks to, made from what it promises and not from how it is built. */
class Server {
  #revision = 1;
  readonly #cells = new Map<string, NewsCell>();
  rows = [
    { id: "r1", problem: "1 + 2", right: "3" },
    { id: "r2", problem: "2 + 2", right: "4" },
  ];
  learners = [
    { id: "a", name: "Ada" },
    { id: "b", name: "Bo" },
  ];

  news(): SheetNews {
    return {
      revision: this.#revision,
      rows: this.rows,
      learners: this.learners,
      cells: [...this.#cells.values()],
      waiting: 0,
    };
  }

  /** The sheet as a window opens it: the squares that stand then as one text a row, all else as news. */
  opened(): MarkingState {
    const { cells, ...sheet } = this.news();
    const squares = Object.fromEntries(
      this.rows.map(({ id }) => [
        id,
        JSON.stringify(
          cells
            .filter(({ row }) => row === id)
            .map(({ learner, revision, given, verdict }) => [
              this.learners.findIndex((one) => one.id === learner) + 3,
              revision,
              given,
              verdict,
            ]),
        ),
      ]),
    );
    return sheetFrom({ ...BLANK_SHEET, ...sheet, squares, places: { 3: "a", 4: "b" } });
  }

  take({ acts, answers }: Sending): SheetKept {
    this.#revision++;
    for (const act of acts)
      if (act.kind === "removeRow") this.rows = this.rows.filter(({ id }) => id !== act.id);
    const clashes: NewsCell[] = [];
    const refused: SheetKept["refused"][number][] = [];
    for (const { row, learner, saw, given } of answers) {
      const key = squareKey(row, learner);
      const there = this.#cells.get(key);
      if (!this.rows.some(({ id }) => id === row))
        refused.push({ row, learner, message: "The row is gone." });
      else if ((there?.revision ?? 0) !== saw && there?.given !== given) {
        if (there) clashes.push(there);
      } else
        this.#cells.set(key, {
          row,
          learner,
          given: given ?? there?.given ?? "",
          verdict: "right",
          faults: [],
          patterns: [],
          chosen: false,
          note: "",
          revision: this.#revision,
        });
    }
    return { ...this.news(), clashes, refused, aliases: {} };
  }

  answer(row: string, learner: string): string {
    return this.#cells.get(squareKey(row, learner))?.given ?? "";
  }
}

const flush = (state: MarkingState, server: Server): MarkingState => {
  const sending = toSend(state);
  return sending === undefined ? state : withKept(state, sending, server.take(sending));
};
const type = (state: MarkingState, row: string, learner: string, given: string): MarkingState =>
  entered(withTyping(state, row, learner, given), row, learner);

describe("a sheet in a window", () => {
  it("sends what is finished and nothing that is still typed", () => {
    const server = new Server();
    let state = withTyping(server.opened(), "r1", "a", "3");
    expect(toSend(state)).toBeUndefined();
    state = entered(state, "r1", "a");
    expect(toSend(state)?.answers).toEqual([{ row: "r1", learner: "a", given: "3", saw: 0 }]);
    state = flush(state, server);
    expect(toSend(state)).toBeUndefined();
    expect(state.cells.get(squareKey("r1", "a"))?.kept?.given).toBe("3");
  });

  it("keeps what was typed while the answer was under way", () => {
    const server = new Server();
    let state = type(server.opened(), "r1", "a", "3");
    const sending = toSend(state);
    if (sending === undefined) throw new Error("something is sent");
    state = withTyping(state, "r1", "a", "35");
    state = withKept(state, sending, server.take(sending));
    expect(typedIn(state.cells.get(squareKey("r1", "a")))).toBe("35");
    state = flush(entered(state, "r1", "a"), server);
    expect(server.answer("r1", "a")).toBe("35");
  });

  it("shows a refusal at its square, and goes on with the others", () => {
    const server = new Server();
    let state = type(server.opened(), "r1", "a", "3");
    state = withRefused(state, toSend(state) ?? { acts: [], answers: [] }, "No.");
    expect(state.cells.get(squareKey("r1", "a"))).toMatchObject({ trouble: "No.", change: { given: "3" } });
    state = flush(type(state, "r2", "a", "4"), server);
    expect(server.answer("r2", "a")).toBe("4");
    expect(toSend(state)).toBeUndefined();
    // Once it is mended, it goes out.
    flush(type(state, "r1", "a", "33"), server);
    expect(server.answer("r1", "a")).toBe("33");
  });

  it("never sends an answer that is too long, and keeps it for mending", () => {
    const server = new Server();
    const state = withChanges(server.opened(), [
      { row: "r1", learner: "a", given: "9".repeat(201) },
      { row: "r2", learner: "a", given: "4" },
    ]);
    expect(toSend(state)?.answers.map(({ row }) => row)).toEqual(["r2"]);
    expect(typedIn(state.cells.get(squareKey("r1", "a")))).toHaveLength(201);
    expect(state.cells.get(squareKey("r1", "a"))?.trouble).toContain("at most 200 characters");
  });

  it("lets the tutor choose where two windows wrote into one square", () => {
    const server = new Server();
    const start = server.opened();
    flush(type(start, "r1", "a", "3"), server);
    const second = flush(type(start, "r1", "a", "5"), server);
    expect(second.cells.get(squareKey("r1", "a"))).toMatchObject({
      clash: { given: "3" },
      change: { given: "5" },
    });
    expect(toSend(second)).toBeUndefined();
    expect(server.answer("r1", "a")).toBe("3");
    const theirs = withChoice(second, "r1", "a", false);
    expect(typedIn(theirs.cells.get(squareKey("r1", "a")))).toBe("3");
    flush(withChoice(second, "r1", "a", true), server);
    expect(server.answer("r1", "a")).toBe("5");
  });

  it("sends an explanation with the answer it was chosen for, whatever another window wrote since", () => {
    const server = new Server();
    const seen = flush(type(server.opened(), "r1", "a", "5"), server);
    const chosen = withChanges(seen, [{ row: "r1", learner: "a", patterns: [] }]);
    flush(type(server.opened(), "r1", "a", "3"), server);
    expect(toSend(withNews(chosen, server.news()))?.answers).toMatchObject([{ chosenFor: "5" }]);
    const typed = withChanges(type(seen, "r1", "a", "6"), [{ row: "r1", learner: "a", patterns: [] }]);
    expect(toSend(typed)?.answers).toMatchObject([{ given: "6" }]);
    expect(toSend(typed)?.answers[0]).not.toHaveProperty("chosenFor");
  });

  it("takes a row away and back at once, with what stands in it, before the server answers", () => {
    const server = new Server();
    let state = flush(type(server.opened(), "r1", "a", "3"), server);
    const remove: SheetAct = { kind: "removeRow", id: "r1" };
    state = withActs(state, [remove]);
    expect(state.rows.map(({ id }) => id)).toEqual(["r2"]);
    expect(toSend(state)).toEqual({ acts: [remove], answers: [] });
    state = withActs(state, [{ kind: "restoreRow", id: "r1" }]);
    expect(state.rows.map(({ id }) => id)).toEqual(["r1", "r2"]);
    expect(typedIn(state.cells.get(squareKey("r1", "a")))).toBe("3");
  });

  it("hears of news without losing what is typed here", () => {
    const server = new Server();
    const start = server.opened();
    flush(type(start, "r2", "b", "4"), server);
    const typing = withTyping(start, "r2", "b", "44");
    const after = withNews(typing, server.news());
    expect(typedIn(after.cells.get(squareKey("r2", "b")))).toBe("44");
    expect(after.cells.get(squareKey("r2", "b"))?.kept?.given).toBe("4");
    // What came while it was typed was not seen: it is not written over without asking.
    const entering = flush(entered(after, "r2", "b"), server);
    expect(entering.cells.get(squareKey("r2", "b"))).toMatchObject({
      clash: { given: "4" },
      change: { given: "44" },
    });
    expect(server.answer("r2", "b")).toBe("4");
    // News that is older than what is known changes nothing.
    expect(withNews(after, { revision: 1, cells: [], waiting: 3 })).toBe(after);
  });

  it("comes back whole from what the browser remembered", () => {
    const server = new Server();
    const start = server.opened();
    let state = withActs(type(start, "r1", "a", "3"), [{ kind: "addRow", id: "r3", problem: "3 + 3" }]);
    state = withTyping(state, "r2", "b", "4");
    const remembered: unknown = JSON.parse(JSON.stringify(unsentOf(state)));
    const back = withUnsent(server.opened(), remembered);
    expect(toSend(back)).toEqual(toSend(state));
    expect(typedIn(back.cells.get(squareKey("r2", "b")))).toBe("4");
    expect(back.rows).toHaveLength(3);
    expect(withUnsent(start, { acts: "?" })).toBe(start);
    // Another window answered there meanwhile: both are shown.
    flush(type(start, "r1", "a", "5"), server);
    const late = flush(withUnsent(server.opened(), remembered), server);
    expect(late.cells.get(squareKey("r1", "a"))).toMatchObject({
      clash: { given: "5" },
      change: { given: "3" },
    });
  });

  it("of two windows, nothing that one kept is undone by the other without its tutor's choice", () => {
    const step = fc.record({
      window: fc.constantFrom(0, 1),
      what: fc.constantFrom("type", "flush", "news", "mine", "theirs"),
      row: fc.constantFrom("r1", "r2"),
      learner: fc.constantFrom("a", "b"),
      given: fc.constantFrom("1", "2", "3"),
    });
    fc.assert(
      fc.property(fc.array(step, { maxLength: 40 }), (steps) => {
        const server = new Server();
        const windows = [server.opened(), server.opened()];
        /** What a tutor saw in a square before they typed over it, or when they were asked to choose. */
        const seen = new Map<string, string>();
        for (const { window, what, row, learner, given } of steps) {
          const before = windows[window] ?? server.opened();
          const cell = before.cells.get(squareKey(row, learner));
          const place = `${window} ${row} ${learner}`;
          if (what === "type" && cell?.change === undefined) seen.set(place, cell?.kept?.given ?? "");
          if (what === "mine" && cell?.clash) seen.set(place, cell.clash.given);
          const there = server.answer(row, learner);
          windows[window] =
            what === "type"
              ? type(before, row, learner, given)
              : what === "flush"
                ? flush(before, server)
                : what === "news"
                  ? withNews(before, server.news())
                  : withChoice(before, row, learner, what === "mine");
          const now = server.answer(row, learner);
          // Only a tutor who has seen what stood there may have written something else over it.
          if (now !== there && there !== "") expect(seen.get(place)).toBe(there);
        }
        // In the end every window either shows what is on disk, or says that it does not.
        for (const [index] of windows.entries()) {
          let state = windows[index] ?? server.opened();
          for (let round = 0; round < 4; round++) state = withNews(flush(state, server), server.news());
          for (const row of ["r1", "r2"])
            for (const learner of ["a", "b"]) {
              const cell = state.cells.get(squareKey(row, learner));
              if (cell === undefined || (cell.clash === undefined && cell.trouble === ""))
                expect(typedIn(cell)).toBe(server.answer(row, learner));
            }
        }
      }),
      { numRuns: 300 },
    );
  });
});
