import { z } from "zod";
import { SWITCH_NAMES } from "@/core/house";

/* What the server answers about house rules. */

/** What shows a switch at work: a line as it is written, words as they are said, a board as SVG; a picture is drawn where it is looked at. */
const switchSample = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("line"), text: z.string() }),
  z.object({ kind: z.literal("words"), text: z.string() }),
  z.object({ kind: z.literal("board"), svg: z.string() }),
  z.object({ kind: z.literal("picture") }),
]);

/** The samples of all switches, under the rules that were asked about. */
export const switchSamplesView = z.object({ samples: z.partialRecord(z.enum(SWITCH_NAMES), switchSample) });

export type SwitchSamples = Readonly<z.infer<typeof switchSamplesView>["samples"]>;
export type SwitchSampleView = z.infer<typeof switchSample>;
