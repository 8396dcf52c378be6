import 'server-only';

/** The demo's pages that this server is measuring now. */
export interface UnderWay {
  readonly done: number;
  readonly of: number;
}

// Kept on globalThis: what runs at the start and what answers requests load this module apart.
const holder = globalThis as { elvaneUnderWay?: UnderWay | undefined };

/** How far the measuring of the demo's pages is; undefined when none are being measured. */
export const underWay = (): UnderWay | undefined => holder.elvaneUnderWay;

export function setUnderWay(now: UnderWay | undefined): void {
  holder.elvaneUnderWay = now;
}
