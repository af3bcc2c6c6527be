import { LRUCache } from "lru-cache";
import { z } from "zod";
import { type PatternId, patternIdOf } from "@/core/errorPatterns";
import { FORM_FAULTS, type FormFault } from "@/core/marking";
import { jsonOf } from "../houseOf";

const texts = z.array(z.string());

const NONE: readonly string[] = [];

/** Lists that were read before: the thousands of a large sheet are a few, over and over. */
const known = new LRUCache<string, readonly string[]>({ max: 1000 });

/** A JSON list of texts; an empty one where it is broken or empty text. */
function textList(json: string): readonly string[] {
  if (json === "" || json === "[]") return NONE;
  const before = known.get(json);
  if (before !== undefined) return before;
  const list = jsonOf(json, texts) ?? NONE;
  known.set(json, list);
  return list;
}

/** The patterns of a JSON list that are known. */
export const patternList = (json: string): readonly PatternId[] =>
  textList(json).flatMap((id) => patternIdOf(id) ?? []);

/** The faults of form of a JSON list. */
export const faultList = (json: string): readonly FormFault[] =>
  textList(json).flatMap((name) => FORM_FAULTS.find((fault) => fault === name) ?? []);
