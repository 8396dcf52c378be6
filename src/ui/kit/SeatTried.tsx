'use client';

import type { Item } from '@/core/kit/item';
import { SEATS, type Seat, triedSeat } from '@/core/kit/seat';
import { entriesOf } from '@/core/log/entriesOf';
import { pairId } from '@/core/log/recordId';
import { useNotice } from '../frame/notices';
import type { Records } from './useRecords';

const SAID: Readonly<Record<Seat, string>> = { true: 'sits true', crooked: 'crooked', loose: 'loose' };

/** “I tried it”: how this nib sits in this holder. It goes before all arithmetic; pressed again, it is forgotten. */
export function SeatTried({ tool, holder, records }: { tool: Item; holder: Item; records: Records }) {
  const notice = useNotice();
  const found = triedSeat(entriesOf('seat', records.records), tool, holder);
  const id = pairId('seat', tool.id, holder.id);
  const say = async (how: Seat) => {
    try {
      if (how === found) await records.forget(id);
      else await records.keep(id, 'seat', { tool: tool.id, holder: holder.id, how });
    } catch (error) {
      notice.failed(error);
    }
  };
  return (
    <fieldset className="my-2 flex flex-wrap items-center gap-1 text-sm">
      <legend className="sr-only">How it sits</legend>
      <span>You tried it:</span>
      {SEATS.map((how) => (
        <button
          key={how}
          type="button"
          className={`btn btn-xs ${how === found ? 'btn-primary' : ''}`}
          aria-pressed={how === found}
          onClick={() => void say(how)}
        >
          {SAID[how]}
        </button>
      ))}
    </fieldset>
  );
}
