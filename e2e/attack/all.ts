import { attackBodies } from "./bodies";
import { attackDoors } from "./doors";
import { attackFolders } from "./folders";
import { attackPayloads } from "./payloads";
import { attackSquares } from "./squares";
import type { Tally } from "./tally";
import { attackWindows } from "./windows";

/** Every part of the attack, each on servers and data of its own; of each a share, from a seed by which it can be seen again. */
export const ATTACKS: Readonly<Record<string, (share: number, seed: number) => Promise<readonly Tally[]>>> = {
  doors: attackDoors,
  bodies: attackBodies,
  windows: attackWindows,
  squares: attackSquares,
  payloads: attackPayloads,
  folders: attackFolders,
};
