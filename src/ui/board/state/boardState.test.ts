import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { PRESETS } from "@/core/house";
import { readProblem, writeProblem } from "@/core/problem";
import { anyHouse, anyProblem } from "@/core/testing/arbitrary";
import { boardAddress } from "../../../service/boardAddress";
import { addEveryPart } from "../loaded/everyPart";
import { type BoardScreenState, boardReducer, readBoardLine } from "./boardState";
import { readAddress } from "./readAddress";
import { startOfBoard } from "./startOfBoard";

addEveryPart();
const house = PRESETS.fillersTrueValue;
const blank: BoardScreenState = { typed: "", house, open: undefined };
const opened = (text: string): BoardScreenState =>
  boardReducer(blank, { kind: "open", id: "board00001", text });
const parameters = (address: string): Record<string, string> =>
  Object.fromEntries(new URL(address, "http://localhost").searchParams);

describe("the state of the Board", () => {
  it("opens only what reads, at the first step", () => {
    expect(opened("40.3 + 7.8").open).toMatchObject({ step: 1, method: "column-addition", guess: "" });
    expect(opened("4..2")).toEqual({ ...blank, typed: "4..2" });
  });

  it("keeps steps within the run", () => {
    const state = opened("2.5 + 1.25");
    const reading = readBoardLine("2.5 + 1.25", house);
    const last = reading.ok ? reading.run.steps.length : 0;
    expect(boardReducer(state, { kind: "goTo", step: 999 }).open?.step).toBe(last);
    expect(boardReducer(state, { kind: "move", by: -3 }).open?.step).toBe(1);
  });

  it("goes back to the open problem when typing is given up", () => {
    const typing = boardReducer(opened("1 + 2"), { kind: "type", text: "9 - " });
    expect(typing.open?.problem).toBe("1 + 2");
    expect(boardReducer(typing, { kind: "backToOpen" }).typed).toBe("1 + 2");
  });

  it("writes the wanted form into the problem, and leaves a method that can't give it", () => {
    const shifted = opened("25 ÷ 10");
    expect(shifted.open?.method).toBe("shift");
    const beside = boardReducer(shifted, { kind: "setBeside", method: "long-division" });
    const asked = boardReducer(beside, { kind: "setForm", form: { kind: "withRemainder" } });
    expect(asked.typed).toBe("25 ÷ 10 with remainder");
    expect(asked.open).toMatchObject({ problem: asked.typed, method: "long-division", beside: undefined });
    const back = boardReducer(asked, { kind: "setForm", form: { kind: "asItComes" } });
    expect(back.open?.problem).toBe("25 ÷ 10");
  });

  it("lets the two boards change places, and never shows one method twice", () => {
    const two = boardReducer(opened("2.35 × 14"), { kind: "setBeside", method: "area" });
    const changed = boardReducer(two, { kind: "setMethod", method: "area" });
    expect(changed.open).toMatchObject({ method: "area", beside: "column-multiplication" });
  });

  it("means the same number under any other house rules, and the end stays the end", () => {
    fc.assert(
      fc.property(anyProblem, anyHouse, anyHouse, (problem, before, after) => {
        const text = writeProblem(problem, before);
        const state = boardReducer(
          { typed: "", house: before, open: undefined },
          { kind: "open", id: "board00001", text },
        );
        const atEnd = boardReducer(state, { kind: "goTo", step: 9999 });
        const changed = boardReducer(atEnd, { kind: "setHouse", house: after });
        expect(readProblem(changed.open?.problem ?? "", after)).toEqual({ ok: true, value: problem });
        const reading = readBoardLine(changed.open?.problem ?? "", after);
        expect(reading.ok && reading.run.steps.length).toBe(changed.open?.step);
      }),
      { numRuns: 300 },
    );
  });
});

describe("the address of a board", () => {
  it("brings every board back as it stands", () => {
    fc.assert(
      fc.property(anyProblem, anyHouse, fc.nat(60), (problem, rules, share) => {
        const text = writeProblem(problem, rules);
        const state = boardReducer(
          boardReducer(
            { typed: "", house: rules, open: undefined },
            { kind: "open", id: "board00001", text },
          ),
          { kind: "goTo", step: share },
        );
        if (state.open === undefined) throw new Error("the problem does not open");
        const address = readAddress(parameters(boardAddress(state.open)));
        expect(startOfBoard(address, undefined, house)).toMatchObject({ start: state, kept: false });
        expect(startOfBoard(address, state.open, house)).toMatchObject({ start: state, kept: true });
      }),
      { numRuns: 300 },
    );
  });

  it("is filled up from the kept board, and opens another board for another problem", () => {
    const kept = { ...(opened("1.5 + 2").open ?? Object.create(null)), step: 4, guess: "4" };
    const byId = startOfBoard(readAddress({ id: "board00001" }), kept, house);
    expect(byId).toMatchObject({ kept: true, start: { open: { problem: "1.5 + 2", step: 4, guess: "4" } } });
    const other = startOfBoard(readAddress({ id: "board00001", problem: "9 - 4" }), kept, house);
    expect(other.kept).toBe(false);
    expect(other.start.open?.id).not.toBe("board00001");
    expect(startOfBoard(readAddress({ problem: "9 -" }), undefined, house).start).toMatchObject({
      typed: "9 -",
      open: undefined,
    });
  });

  it("passes over what is wrong in it", () => {
    expect(
      readAddress({ id: "../x", problem: "1 + 2", method: "magic", step: "-4", narration: "loud" }),
    ).toEqual({
      id: undefined,
      problem: "1 + 2",
      method: undefined,
      house: undefined,
      step: undefined,
      guess: undefined,
    });
  });
});
