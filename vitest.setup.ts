import fc from "fast-check";

// Properties are tried on the same cases each time, so that a red run is red again; SEED tries others.
fc.configureGlobal({ seed: Number(process.env.SEED ?? 2026) });
