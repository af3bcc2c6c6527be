import { useRef, useState } from "react";
import type { HouseRules } from "@/core/house";
import { writePieces } from "@/core/quantity";
import { changeFrom } from "@/core/shop";
import { readMoney, writtenMoney } from "./money";
import { type Day, dayBegun, handedOver, stillToGive, totalOf } from "./sale";

/** A day at the till as it goes on, and what the learner has typed for the total. */
export interface TillState {
  readonly day: Day;
  readonly typed: string;
  /** Whether what was typed is the total. */
  readonly found: boolean;
  /** What the drawer could give, once that was asked for. */
  readonly said: string;
  write(minor: number): string;
  act(to: Day): void;
  type(total: string): void;
  ring(name: string, price: number): void;
  askTheDrawer(): void;
  handOver(): void;
  beginAnew(): void;
}

/** Runs a till in the money of the house. */
export function useTill(house: HouseRules): TillState {
  const { currency } = house;
  const [day, setDay] = useState<Day>(() => dayBegun(currency));
  const [typed, setTyped] = useState("");
  const [said, setSaid] = useState("");
  const next = useRef(0);
  const write = (minor: number): string => writtenMoney(minor, house);
  const total = totalOf(day);
  const act = (to: Day): void => {
    setDay(to);
    setSaid("");
  };
  return {
    day,
    typed,
    found: readMoney(typed, house) === total && total > 0,
    said,
    write,
    act,
    type: setTyped,
    ring: (name, price) => {
      next.current += 1;
      act({ ...day, basket: [...day.basket, { id: next.current, name, price }] });
      setTyped("");
    },
    askTheDrawer: () => {
      const left = stillToGive(day);
      const fewest = changeFrom(day.drawer, left);
      if (fewest === undefined)
        return setSaid(
          `No pieces of this drawer come to ${write(left)}. Ask for something smaller, or for exact money.`,
        );
      const pieces = Object.entries(fewest)
        .flatMap(([value, count]) => Array.from({ length: count }, () => Number(value)))
        .sort((one, other) => one - other);
      setSaid(`Fewest pieces: ${writePieces(pieces, currency)}.`);
    },
    handOver: () => {
      act(handedOver(day));
      setTyped("");
    },
    beginAnew: () => act(dayBegun(currency)),
  };
}
