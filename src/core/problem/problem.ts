/** A change that would cure a problem, offered to the user as a button: fields of the document, and what they become. */
export interface Offer {
  readonly label: string;
  readonly change: Readonly<Record<string, unknown>>;
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
