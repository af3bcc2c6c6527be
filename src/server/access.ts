import { createHash, randomBytes, scrypt, timingSafeEqual } from "node:crypto";
import fs from "node:fs";
import path from "node:path";
import { LRUCache } from "lru-cache";
import { z } from "zod";
import { jsonOf } from "@/data/houseOf";

/** How a passphrase is hashed; kept with each hash, so that it can become harder later. */
const HARDNESS = { cost: 2 ** 15, block: 8, parallel: 1 } as const;
const KEY_BYTES = 32;
/** How long a sign-in lasts, in milliseconds. */
export const SESSION_LASTS = 12 * 60 * 60 * 1000;
const MOST_SESSIONS = 200;
/** How many tries wait while one is looked at, and how long those after them are told to wait, in seconds. */
const MOST_WAITING = 8;
const COME_AGAIN = 5;

/** The shortest and longest passphrase that is taken, in characters. */
export const SHORTEST_PASSPHRASE = 10;
export const LONGEST_PASSPHRASE = 200;

const FILE = "access.json";

const fileSchema = z.object({
  passphrase: z.object({
    cost: z
      .number()
      .int()
      .min(2 ** 14)
      .max(2 ** 20)
      .refine((cost) => Number.isInteger(Math.log2(cost))),
    block: z.number().int().min(1).max(32),
    parallel: z.number().int().min(1).max(16),
    salt: z.string().max(200),
    hash: z.string().refine((hash) => Buffer.from(hash, "base64").length === KEY_BYTES),
  }),
  sessions: z.array(z.object({ hash: z.string().max(100), until: z.number() })).max(MOST_SESSIONS),
});
type AccessFile = z.infer<typeof fileSchema>;

const digest = (token: string): string => createHash("sha256").update(token).digest("base64url");

function derived(
  passphrase: string,
  salt: Buffer,
  hard: AccessFile["passphrase"] | typeof HARDNESS,
): Promise<Buffer> {
  const options = {
    N: hard.cost,
    r: hard.block,
    p: hard.parallel,
    maxmem: 256 * hard.cost * hard.block,
  };
  return new Promise((resolve, reject) => {
    scrypt(passphrase.normalize("NFKC"), salt, KEY_BYTES, options, (error, key) =>
      error ? reject(error) : resolve(key),
    );
  });
}

/** What came of a try to sign in. */
export type SignIn =
  | { readonly kind: "in"; readonly token: string }
  | { readonly kind: "wrong" }
  /** Too many tries: how many seconds to wait. */
  | { readonly kind: "wait"; readonly seconds: number };

/** Who may come in: one passphrase, and the sign-ins that hold. Kept beside the data, readable by its owner alone. */
export class Access {
  readonly #file: string;
  #kept: AccessFile | undefined;
  /** Failed tries by address: how many in a row, and when the next one is looked at. */
  readonly #tries = new LRUCache<string, { readonly failed: number; readonly next: number }>({ max: 2000 });
  /** One try is looked at at a time, so that many addresses at once get no further than one. */
  #turn: Promise<unknown> = Promise.resolve();
  #waiting = 0;

  constructor(folder: string) {
    this.#file = path.join(folder, FILE);
    this.#kept = fs.existsSync(this.#file) ? readFile(this.#file) : undefined;
  }

  /** Whether a passphrase is set. */
  get isSet(): boolean {
    return this.#kept !== undefined;
  }

  /** Sets the passphrase; every sign-in of before ends. */
  async setPassphrase(passphrase: string): Promise<void> {
    const salt = randomBytes(16);
    const hash = await derived(passphrase, salt, HARDNESS);
    const kept = { ...HARDNESS, salt: salt.toString("base64"), hash: hash.toString("base64") };
    this.#write({ passphrase: kept, sessions: [] });
  }

  /** Tries to sign in from an address. Each failure makes the next wait twice as long, up to five minutes. */
  signIn(passphrase: string, address: string, now: number): Promise<SignIn> {
    // A line without end would keep the owner out for as long as others like.
    if (this.#waiting >= MOST_WAITING) return Promise.resolve({ kind: "wait", seconds: COME_AGAIN });
    this.#waiting++;
    const mine = this.#turn
      .then(() => this.#try(passphrase, address, now))
      .finally(() => {
        this.#waiting--;
      });
    this.#turn = mine.catch(() => undefined);
    return mine;
  }

  async #try(passphrase: string, address: string, now: number): Promise<SignIn> {
    const before = this.#tries.get(address) ?? { failed: 0, next: 0 };
    if (before.next > now) return { kind: "wait", seconds: Math.ceil((before.next - now) / 1000) };
    const kept = this.#kept?.passphrase;
    if (kept === undefined) return { kind: "wrong" };
    const key = await derived(
      passphrase.slice(0, LONGEST_PASSPHRASE),
      Buffer.from(kept.salt, "base64"),
      kept,
    );
    if (!timingSafeEqual(key, Buffer.from(kept.hash, "base64"))) {
      const failed = before.failed + 1;
      const wait = failed < 4 ? 0 : Math.min(300, 2 ** (failed - 3)) * 1000;
      this.#tries.set(address, { failed, next: now + wait });
      return { kind: "wrong" };
    }
    this.#tries.delete(address);
    const token = randomBytes(32).toString("base64url");
    this.#write({
      passphrase: kept,
      sessions: [
        ...this.#holding(now).slice(1 - MOST_SESSIONS),
        { hash: digest(token), until: now + SESSION_LASTS },
      ],
    });
    return { kind: "in", token };
  }

  /** Whether a token is of a sign-in that holds. */
  isSignedIn(token: string | undefined, now: number): boolean {
    if (token === undefined) return false;
    const hash = digest(token);
    return this.#holding(now).some((session) => session.hash === hash);
  }

  /** Ends one sign-in, or every one. */
  signOut(token: string | undefined, everywhere: boolean, now: number): void {
    if (this.#kept === undefined) return;
    const hash = digest(token ?? "");
    const sessions = everywhere ? [] : this.#holding(now).filter((session) => session.hash !== hash);
    this.#write({ ...this.#kept, sessions });
  }

  #holding(now: number): AccessFile["sessions"] {
    return (this.#kept?.sessions ?? []).filter(({ until }) => until > now);
  }

  #write(kept: AccessFile): void {
    const half = `${this.#file}.half`;
    // It is on the disk before it takes the name of the one before.
    fs.writeFileSync(half, JSON.stringify(kept), { mode: 0o600, flush: true });
    fs.renameSync(half, this.#file);
    this.#kept = kept;
  }
}

/** What the file says; one that is broken lets nobody in, and says so at the start. */
function readFile(file: string): AccessFile {
  const read = jsonOf(fs.readFileSync(file, "utf8"), fileSchema);
  if (read === undefined) throw new Error(`${file} is broken. Delete it to set a new passphrase.`);
  return read;
}
