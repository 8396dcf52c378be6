/** A step of making a file: how far it is, and what of the file is ready. */
export interface Step {
  readonly stage: 'planning' | 'drawing';
  readonly done: number;
  readonly of: number;
  readonly bytes: readonly Uint8Array[];
}
