// Lets two starts at once take turns: one installs or builds, the other waits for it. Plain Node, no packages.
import fs from "node:fs";
import path from "node:path";
import { setTimeout as pause } from "node:timers/promises";
import { root } from "./root.mjs";

const LOOK_EVERY = 200;

/** Whether a process is there. */
function isThere(pid) {
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    return error.code === "EPERM";
  }
}

/** Does something while no other start does the same in this project's folder. */
export async function inTurn(name, act) {
  const file = path.join(root, `.turn-${name}`);
  let told = false;
  for (;;) {
    try {
      fs.writeFileSync(file, String(process.pid), { flag: "wx" });
      break;
    } catch (error) {
      if (error.code !== "EEXIST") throw error;
    }
    const holder = Number(readIfThere(file));
    // One that was ended halfway leaves its mark behind; whoever finds it first takes it away.
    if (holder > 0 && !isThere(holder)) fs.rmSync(file, { force: true });
    else {
      if (!told) console.error(`Another start is busy with this (${name}); waiting for it…`);
      told = true;
      await pause(LOOK_EVERY);
    }
  }
  const leave = () => fs.rmSync(file, { force: true });
  process.once("exit", leave);
  try {
    return await act();
  } finally {
    leave();
    process.removeListener("exit", leave);
  }
}

function readIfThere(file) {
  try {
    return fs.readFileSync(file, "utf8");
  } catch {
    return "";
  }
}
