import type { AnswerReason } from "./answer";
import type { ColumnAdditionReason } from "./columnAddition";
import type { EqualAdditionsReason } from "./equalAdditions";
import type { MakingUpReason } from "./makingUp";
import type { SettingOutReason } from "./settingOut";
import type { DecompositionReason } from "./subtractionByDecomposition";

/** What a step does and why, as arithmetic; each file owns its own reasons. A reason knows no squares. */
export type Reason =
  | SettingOutReason
  | ColumnAdditionReason
  | DecompositionReason
  | EqualAdditionsReason
  | MakingUpReason
  | AnswerReason;
