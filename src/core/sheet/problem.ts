import type { Given } from './given';

/** A change of the given values that would cure a problem, offered to the user as a button. */
export interface Offer {
  readonly label: string;
  readonly given: Given;
}

/**
 * Something a user asked for that cannot be. The message is a plain sentence that names the field and, where one
 * exists, the nearest value that works; `offers` carry those values ready to apply.
 */
export class Problem extends Error {
  constructor(
    readonly field: string,
    message: string,
    readonly offers: readonly Offer[] = [],
  ) {
    super(message);
    this.name = 'Problem';
  }
}
