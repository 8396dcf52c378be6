import type { KeptPrint } from '@/core/document/prints';

/** A step of making a file: how far it is, and what of the file is ready. */
export interface Step {
  readonly stage: 'planning' | 'drawing' | 'looking' | 'straightening' | 'measuring';
  readonly done: number;
  readonly of: number;
  readonly bytes: readonly Uint8Array[];
  /** Pages among them that are to be kept under their codes. */
  readonly kept?: readonly KeptPrint[];
}
