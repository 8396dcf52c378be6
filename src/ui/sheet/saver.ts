import { dataText } from '@/core/problem/merge';
import { askServer } from '../lib/api';

/** What is kept of a document. */
export interface Work<D> {
  readonly name: string;
  readonly recipe: D;
}

/**
 * Saves of one sheet from this window, one after the other, each based on the revision the one before made: so a window
 * is never stale to itself, whichever of its stations saves.
 */
export class Saver {
  private inFlight: Promise<unknown> | undefined;

  constructor(
    readonly id: string,
    /** The revision this window knows; undefined to save over whatever is there. */
    public revision: number | undefined,
  ) {}

  /** @throws Stale when the sheet has been saved or deleted elsewhere since; Problem when it cannot be saved. */
  async save(work: Work<unknown>): Promise<void> {
    while (this.inFlight) await this.inFlight.catch(() => undefined);
    this.inFlight = this.put(work, this.revision);
    try {
      await this.inFlight;
    } finally {
      this.inFlight = undefined;
    }
  }

  /**
   * The last save of a window that closes: it goes out at once. Where another is still on its way, nobody can know its
   * revision yet, so this one stands whatever becomes of that.
   */
  leave(work: Work<unknown>): Promise<void> {
    return this.put(work, this.inFlight ? undefined : this.revision, true);
  }

  /** Whether the stored document equals what this window sent last before a reload: the save succeeded although its answer was lost. */
  sentBefore({ name, recipe }: Work<unknown>): boolean {
    try {
      return sessionStorage.getItem(sentKey(this.id)) === written(name, recipe);
    } catch {
      return false;
    }
  }

  private async put(
    { name, recipe }: Work<unknown>,
    basedOn: number | undefined,
    keepalive = false,
  ): Promise<void> {
    try {
      sessionStorage.setItem(sentKey(this.id), written(name, recipe));
    } catch {
      // The session store is full: a reload during a save may ask which version stays.
    }
    const json = { name, recipe, ...(basedOn !== undefined && { basedOn }) };
    const saved = await askServer('PUT /api/sheets/{}', { id: this.id, json, keepalive });
    this.revision = saved.revision;
    remember(this.id, this.revision);
  }
}

const sentKey = (id: string) => `elvane-sent-${id}`;

/** A document as text that is the same for equal documents. */
const written = (name: string, recipe: unknown): string => dataText([name, recipe]);

const keyOf = (id: string) => `elvane-revision-${id}`;

/** A reloaded window continues from the revision that it made itself. */
function remember(id: string, revision: number): void {
  try {
    sessionStorage.setItem(keyOf(id), String(revision));
  } catch {
    // Without it a reload reads the shelf, and a concurrent edit goes unnoticed.
  }
}

function remembered(id: string): number | undefined {
  try {
    const kept = sessionStorage.getItem(keyOf(id));
    return kept === null ? undefined : Number(kept);
  } catch {
    return undefined;
  }
}

const savers = new Map<string, Saver>();

/**
 * The saver of a sheet in this window. A sheet read from the shelf has the shelf's revision; one from the address is based on the last
 * revision that this window knew.
 */
export function saverOf(id: string, revision: number, inAddress: boolean): Saver {
  const known = savers.get(id);
  if (known) {
    if (!inAddress) known.revision = Math.max(known.revision ?? 0, revision);
    return known;
  }
  const made = new Saver(id, (inAddress ? remembered(id) : undefined) ?? revision);
  savers.set(id, made);
  return made;
}
