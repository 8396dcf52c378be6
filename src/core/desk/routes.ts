import type { About } from '../about/about';
import type { Beginning } from '../begin/firstPage';
import type { FirstToolId } from '../begin/firstTools';
import type { Document } from '../document/document';
import type { Recipe } from '../document/recipe';
import type { Mark } from '../drawing/mark';
import type { Purpose } from '../hand/portrait';
import type { HandId } from '../hands/registry';
import type { Item } from '../kit/item';
import type { Entry, EntryData, EntryKind } from '../log/entry';
import type { Fate, LoggedSession } from '../log/sessionCsv';
import type { Summary } from '../log/summary';
import type { LetterSet } from '../setting/letterSet';
import type { KeptRating } from '../study/history';
import type { Memory, Stand } from '../study/memory';
import type { UnitKind } from '../study/unit';
import type { KeptTable } from './keptTables';

// What the application's own routes are sent and what they answer, where that is JSON. Both ends take it from here: a route states it of its
// schema and its answer, a station of what it asks.

/** A unit of a hand in the logbook: how it is held, and when it is next due. */
export interface UnitStanding {
  readonly key: string;
  readonly kind: UnitKind;
  readonly name: string;
  readonly family: string;
  /** As the hand writes it; none of drills and families of words. */
  readonly mark?: Mark | undefined;
  readonly stand: Stand;
  /** ISO times; absent of what was never written. */
  readonly due?: string;
  readonly last?: string;
  readonly times?: number;
}

/** How one unit was rated, with what was noted of those sessions. */
export interface UnitHistory {
  readonly memory: Memory | null;
  readonly ratings: readonly (KeptRating & { readonly note?: string; readonly picture?: string })[];
}

/** A step of a session as it is sent and kept. */
export interface SentStep {
  readonly unit: string;
  readonly text: string;
  readonly minutes: number;
  readonly reason: string;
}

/** How a student stands, from the sessions they exported. */
export interface StudentStanding {
  readonly hand: HandId;
  readonly sessions: number;
  readonly minutes: number;
  /** ISO time of the end of the latest session. */
  readonly last: string;
  readonly known: readonly string[];
  readonly of: number;
  readonly next: readonly string[];
  readonly why: string;
  /** What the page for them practises. */
  readonly steps: readonly SentStep[];
}

/** A printer as it was measured: lengths of the check bars on paper, in mm. */
export interface PrinterProfile {
  readonly id: string;
  readonly name: string;
  readonly measuredX: number;
  readonly measuredY: number;
  readonly selected: boolean;
}

/** A backup that the server made by itself. */
export interface CopyMade {
  readonly name: string;
  /** Of the day in UTC, as in 2026-11-30. */
  readonly day: string;
  readonly bytes: number;
}

/** A row of the store that its own schema cannot read: written by another version, or damaged. */
export interface UnreadableRow {
  readonly table: KeptTable;
  readonly key: string;
  readonly why: string;
  /** What is there, as JSON text. */
  readonly content: string;
}

/** A licence or notice of what ships with the application. */
export interface ShippedNotice {
  readonly what: string;
  readonly text: string;
}

/** An entry of the desk, and what it was made from: null where there was nothing, absent where it is kept whatever is there. */
export type SentEntry<K extends EntryKind> = {
  [Kind in K]: {
    readonly kind: Kind;
    readonly data: EntryData<Kind>;
    readonly was?: EntryData<Kind> | null;
  };
}[K];

/** What a route is sent as JSON, by its method and path; `{}` in a path stands for an id. */
export interface Sent {
  'POST /api/begin': {
    readonly purpose?: Purpose | undefined;
    readonly tool?: FirstToolId | undefined;
    readonly hand?: HandId | undefined;
    readonly about?: About;
  };
  'POST /api/log/import': { readonly sessions: readonly LoggedSession[] };
  'POST /api/log/student': { readonly sessions: unknown };
  'POST /api/printers/select': { readonly id: string | null };
  'POST /api/today/page': {
    readonly hand: HandId;
    readonly tool?: string | undefined;
    readonly steps: readonly SentStep[];
  };
  'POST /api/words': { readonly name: string; readonly content: string };
  'PUT /api/letters/{}': { readonly set: LetterSet; readonly was: LetterSet };
  'PUT /api/records/{}': SentEntry<EntryKind>;
  /** A backup of version 1, whole. */
  'POST /api/restore': object;
  'PUT /api/sheets/{}': {
    readonly name: string;
    readonly recipe: unknown;
    readonly basedOn?: number | undefined;
  };
}

/** What a route answers as JSON, by its method and path. */
export interface Answered {
  'GET /api/copies': readonly CopyMade[];
  /** Facts nobody knows are left out, so that a large bench travels light. */
  'GET /api/items': readonly (Partial<Item> & Pick<Item, 'id' | 'kind' | 'label'>)[];
  /** Things as they are kept, with what others have changed of them. */
  'PATCH /api/items': readonly Item[];
  'GET /api/log': { readonly entries: readonly Entry[] };
  'GET /api/log/letters': { readonly hand: HandId; readonly units: readonly UnitStanding[] };
  'GET /api/log/summary': Summary;
  'GET /api/log/unit': UnitHistory;
  'GET /api/notices': readonly ShippedNotice[];
  'GET /api/sheets/{}': {
    readonly name: string;
    readonly recipe: Document;
    readonly revision: number;
  };
  'GET /api/unreadable': readonly UnreadableRow[];
  /** The name is null for the bundled list, which stands in for one that is gone. */
  'GET /api/words': { readonly name: string | null; readonly words: readonly string[] };
  'GET /api/words/lists': { readonly lists: readonly { readonly id: string; readonly name: string }[] };
  'POST /api/begin': Beginning;
  'POST /api/log/import': { readonly fates: readonly Fate[] };
  'POST /api/log/student': StudentStanding;
  'POST /api/pictures': { readonly id: string };
  'POST /api/printers/select': {
    readonly id: string | null;
    readonly printers: readonly PrinterProfile[];
  };
  /** Rows that are on the desk now, by table. */
  'POST /api/restore': { readonly restored: Readonly<Record<string, number>> };
  'POST /api/review/{}/next': Recipe;
  'POST /api/today/page': Recipe;
  'POST /api/words': {
    readonly id: string;
    readonly name: string;
    readonly words: number;
    readonly skipped: number;
  };
  'PUT /api/letters/{}': LetterSet;
  'PUT /api/records/{}': Entry<EntryKind>;
  'PUT /api/sheets/{}': { readonly id: string; readonly revision: number };
}
