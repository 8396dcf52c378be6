import { Printer } from 'lucide-react';
import { useEffect, useState } from 'react';
import type { Kit } from '@/core/kit/judgeKit';
import { besideKit } from '@/core/kit/layOut';
import type { Need } from '@/core/kit/need';

/** What is laid out before anything is written: the kit, and what lies beside it. Printed by itself, as a list to tick. */
export function LayOut({ need, kit }: { need: Need; kit: Kit }) {
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    if (!printing) return;
    window.print();
    setPrinting(false);
  }, [printing]);
  const own = [kit.tool, kit.holder, kit.ink, kit.paper].flatMap((item) => item ?? []);
  return (
    <section aria-labelledby="lay-out" className="mb-6" data-printed={printing || undefined}>
      <div className="flex items-baseline justify-between gap-2">
        <h2 id="lay-out" className="margin-heading">
          Lay out on the desk
        </h2>
        <button type="button" className="btn btn-xs no-print" onClick={() => setPrinting(true)}>
          <Printer size={14} aria-hidden /> Print the list
        </button>
      </div>
      <ul className="text-sm">
        {own.map(({ id, label }) => (
          <li key={id}>☐ {label}</li>
        ))}
        {besideKit(need, kit).map(({ what, why }) => (
          <li key={what}>
            ☐ {what} <span className="opacity-80">({why})</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
