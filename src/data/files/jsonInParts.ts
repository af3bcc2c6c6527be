import fs from "node:fs";
import { JSONParser, TokenType } from "@streamparser/json";
import { done, failed, type Result } from "@/core/result";

/** Why something is refused, in a sentence, which ends the reading; nothing where it is taken. */
type Refusal = string | undefined;

/** Who reads a document `{…, "tables": {list: [entry, …], …}}` as it comes. */
interface Readers {
  /** What may stand beside the tables, by its name. */
  readonly beside: Readonly<Record<string, (value: unknown) => Refusal>>;
  /** A list begins. */
  readonly list: (name: string) => Refusal;
  /** An entry of a list, and which it is, from 0. */
  readonly entry: (list: string, index: number, value: unknown) => Refusal;
  /** Whether nothing more need be read. */
  readonly isEnough: () => boolean;
}

const BYTES_AT_ONCE = 64 * 1024;
const TABLES = "tables";
const NOT_JSON = "The file is not JSON: it may be cut off, or be something else.";
const OF_ANOTHER_FORM = "The file is JSON, but no export of Right Sum.";

/** Reads a file of JSON a part at a time, and holds no more of it than one entry. */
export function readJson(file: string, readers: Readers): Result<undefined, string> {
  let refused: Refusal;
  let broken: { readonly error: unknown } | undefined;
  const ask = (reader: () => Refusal): void => {
    if (refused !== undefined || broken !== undefined) return;
    try {
      refused = reader();
    } catch (error) {
      // The parser would take it for a fault of the file.
      broken = { error };
    }
  };
  let isJson = true;
  const paths = [...Object.keys(readers.beside).map((name) => `$.${name}`), `$.${TABLES}.*.*`];
  const parser = new JSONParser({ paths, keepStack: false });
  parser.onError = () => {
    isJson = false;
  };
  parser.onToken = namesTold((depth, name) =>
    ask(() => {
      if (depth === 2) return readers.list(name);
      return name === TABLES || Object.hasOwn(readers.beside, name) ? undefined : OF_ANOTHER_FORM;
    }),
  );
  parser.onValue = ({ value, key, stack }) =>
    ask(() => {
      const list = stack[2]?.key;
      if (list === undefined) return readers.beside[String(key)]?.(value);
      return typeof key === "number" ? readers.entry(String(list), key, value) : OF_ANOTHER_FORM;
    });
  const isOver = (): boolean =>
    broken !== undefined || refused !== undefined || !isJson || readers.isEnough();
  const from = fs.openSync(file, "r");
  try {
    const part = new Uint8Array(BYTES_AT_ONCE);
    for (let length = fs.readSync(from, part); length > 0 && !isOver(); length = fs.readSync(from, part))
      parser.write(part.subarray(0, length));
  } finally {
    fs.closeSync(from);
  }
  if (!isOver() && !parser.isEnded) parser.end();
  if (broken !== undefined) throw broken.error;
  if (refused !== undefined) return failed(refused);
  return isJson ? done(undefined) : failed(NOT_JSON);
}

/** Tells the names in the outermost object, and in its tables, as their tokens come. */
function namesTold(tell: (depth: 1 | 2, name: string) => void): (token: Token) => void {
  let depth = 0;
  let text = "";
  let outermost = "";
  return ({ token, value }) => {
    switch (token) {
      case TokenType.LEFT_BRACE:
      case TokenType.LEFT_BRACKET:
        depth++;
        break;
      case TokenType.RIGHT_BRACE:
      case TokenType.RIGHT_BRACKET:
        depth--;
        break;
      case TokenType.STRING:
        text = String(value);
        break;
      case TokenType.COLON:
        if (depth === 1) outermost = text;
        if (depth === 1 || (depth === 2 && outermost === TABLES)) tell(depth, text);
        break;
    }
  };
}

interface Token {
  readonly token: TokenType;
  readonly value: unknown;
}
