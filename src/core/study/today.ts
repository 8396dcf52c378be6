import type { HandId } from '../hands/registry';
import type { Attention } from '../kit/attention';
import type { Seen } from '../kit/seen';
import type { Criterion } from '../practice/criteria';
import type { Standing } from './goal';
import type { KeptGoal } from './goalFormat';
import type { Reason } from './plan';
import type { UnitKind } from './unit';

/** A step as plain data, for display and storage. */
export interface TodayStep {
  readonly unit: string;
  readonly kind: UnitKind;
  readonly name: string;
  readonly text: string;
  readonly minutes: number;
  readonly reason: Reason;
}

/** A thing of the bench a session is written with. */
export interface Taken {
  readonly id: string;
  readonly label: string;
}

/** A piece that must be ready, with its next step and the latest start. */
export interface DuePiece {
  readonly sheet: string;
  readonly name: string;
  readonly next: string;
  /** Local times, as they were given. */
  readonly readyBy: string;
  readonly beginBy: string;
  readonly late: boolean;
}

/** Everything the first station shows, computed on the server. */
export interface Today {
  readonly hand: HandId;
  readonly handName: string;
  /** Hands that were practised, the latest first, and all others. */
  readonly hands: readonly { readonly id: HandId; readonly name: string }[];
  readonly minutes: number;
  readonly warmUp: boolean;
  readonly steps: readonly TodayStep[];
  readonly why: string;
  readonly criteria: readonly Criterion[];
  readonly kit: {
    readonly tool?: Taken;
    readonly ink?: Taken;
    readonly holder?: Taken;
    readonly paper?: Taken;
    /** What lies beside it. */
    readonly beside: readonly string[];
    readonly toDo: readonly string[];
  };
  /** What was off last time, worth keeping in mind. */
  readonly inMind: readonly string[];
  readonly lastNote: string;
  /** Trouble of the last session, as the diagnosis names it. */
  readonly trouble: Seen | undefined;
  readonly goal: { readonly kept: KeptGoal; readonly standing: Standing } | undefined;
  readonly pieces: readonly DuePiece[];
  readonly attention: readonly Attention[];
}
