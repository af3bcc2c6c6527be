import { z } from "zod";
import { FORM_FAULTS, type FormFault } from "@/core/marking";
import { type SlipId, slipIdOf } from "@/core/slips";
import { jsonOf } from "./houseOf";

const texts = z.array(z.string());

/** A JSON list of texts; an empty one where it is broken or empty text. */
const textList = (json: string): readonly string[] =>
  json === "" || json === "[]" ? [] : (jsonOf(json, texts) ?? []);

/** The slips of a JSON list that are known. */
export const slipList = (json: string): readonly SlipId[] =>
  textList(json).flatMap((id) => slipIdOf(id) ?? []);

/** The faults of form of a JSON list. */
export const faultList = (json: string): readonly FormFault[] =>
  textList(json).flatMap((name) => FORM_FAULTS.find((fault) => fault === name) ?? []);
