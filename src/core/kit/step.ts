import type { CautionId } from './cautions';

/** One thing to do before or after writing; ticked off and remembered for the tool. */
export interface Step {
  readonly id: string;
  readonly what: string;
  readonly why: string;
  /** What not to do. */
  readonly not?: string;
  readonly caution?: CautionId;
}
