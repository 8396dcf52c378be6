'use client';

import Link from 'next/link';
import { useMemo, useState } from 'react';
import { countsByPen } from '@/core/hand/hand';
import { asNib } from '@/core/kit/item';
import { type ItemKind, isTool } from '@/core/kit/itemKinds';
import type { Kit } from '@/core/kit/match';
import { type Need, needFor } from '@/core/kit/need';
import type { Nib } from '@/core/kit/nib';
import { entriesOf } from '@/core/log/entriesOf';
import type { Entry } from '@/core/log/entry';
import { handOf } from '@/core/setting/handOf';
import { pin } from '@/core/sheet/solve';
import { useBench } from '../bench/useBench';
import { Tabs } from '../fields/Tabs';
import { later } from '../frame/later';
import { useNotice } from '../frame/notices';
import { sentenceOf } from '../lib/api';
import { SheetShell } from '../sheet/SheetShell';
import { SidePanel } from '../sheet/SidePanel';
import { type Opened, useSheet } from '../sheet/useSheet';
import { nameOf } from './KitCard';
import { MatchPanel } from './MatchPanel';
import { BUYABLE, NeedForm } from './NeedForm';
import { useMatch } from './useMatch';
import { useRecords } from './useRecords';

const PreparePanel = later(() => import('./PreparePanel').then((panel) => panel.PreparePanel));
const InkPanel = later(() => import('./InkPanel').then((panel) => panel.InkPanel));
const TroublePanel = later(() => import('./TroublePanel').then((panel) => panel.TroublePanel));

const TABS = ['Match', 'Prepare', 'Ink', 'What is going wrong?'] as const;
type Tab = (typeof TABS)[number];

/** The id of the record that holds the need and the kit chosen. */
const CHOICE = 'kit';

/** Kit: nib, holder, ink and paper matched to the hand, from the scribe's own drawer. */
export function KitStation({
  opened,
  drawer,
  records: remembered,
}: {
  opened: Opened;
  drawer: readonly Nib[];
  records: readonly Entry[];
}) {
  const sheet = useSheet(opened);
  const { recipe, edit } = sheet;
  const { items, save } = useBench();
  const records = useRecords(remembered);
  const notice = useNotice();
  const [tab, setTab] = useState<Tab>('Match');
  const [buy, setBuy] = useState<readonly ItemKind[]>(BUYABLE);
  const choice = entriesOf('kit', records.records).find(({ entryId }) => entryId === CHOICE);
  const [asked, setAsked] = useState<Need>(() => choice?.need ?? needFor(opened.recipe.hand));
  const need = useMemo(() => ({ ...asked, hand: recipe.hand }), [asked, recipe.hand]);
  const [only, setOnly] = useState('');
  const tools = useMemo(() => (items ?? []).filter((item) => isTool(item.kind) && !item.archived), [items]);
  const bench = useMemo(
    () => items && (only ? items.filter((item) => !isTool(item.kind) || item.id === only) : items),
    [items, only],
  );
  const answer = useMatch(need, bench, buy);
  const byId = (part: string | undefined) => items?.find((item) => item.id === part);
  const tool = byId(choice?.parts.tool);
  const chosen: Kit | undefined = tool && {
    tool,
    holder: byId(choice?.parts.holder),
    ink: byId(choice?.parts.ink),
    paper: byId(choice?.parts.paper),
  };

  const choose = async (kit: Kit) => {
    try {
      const { tool, holder, ink, paper } = kit;
      const parts = { tool: tool.id, holder: holder?.id, ink: ink?.id, paper: paper?.id };
      await records.keep(CHOICE, 'kit', { need, parts });
    } catch (error) {
      notice({ tone: 'problem', text: sentenceOf(error) });
      return;
    }
    const nib = asNib(kit.tool);
    if (!nib) return;
    const nibMeasured = countsByPen(handOf(recipe));
    edit((r) => {
      if (!nibMeasured) return { ...r, width: nib.width, nib: nib.id };
      const pinned = pin(r, 'width', nib.width);
      return { ...(need.bodyMm === null ? pinned : pin(pinned, 'bodyMm', need.bodyMm)), nib: nib.id };
    });
    notice({ tone: 'done', text: `Chosen: ${nameOf(kit)}. The sheet follows.` });
  };

  return (
    <SheetShell title="Kit" sheet={sheet} drawer={drawer}>
      <div className="min-w-0 flex-1 overflow-y-auto px-6 py-4 max-sm:px-3">
        <Tabs name="Kit" tabs={TABS} value={tab} onChoose={setTab} className="mb-4 gap-1">
          {tab === 'Match' && (
            <MatchPanel
              need={need}
              bench={items ?? []}
              answer={items ? answer : null}
              chosen={chosen}
              onChoose={(kit) => void choose(kit)}
            />
          )}
          {tab === 'Prepare' && (
            <PreparePanel need={need} kit={chosen} recipe={recipe} records={records} onSave={save} />
          )}
          {tab === 'Ink' && <InkPanel records={records} />}
          {tab === 'What is going wrong?' && <TroublePanel kit={chosen} records={records} />}
        </Tabs>
      </div>
      <SidePanel className="sm:w-60 lg:w-72">
        <NeedForm
          need={need}
          recipe={recipe}
          tools={tools}
          only={only}
          onOnly={setOnly}
          onChange={setAsked}
          buy={buy}
          onBuy={setBuy}
        />
        <p className="text-sm">
          {items ? `${items.length} things on the ` : 'Looking at the '}
          <Link href="/bench" className="link">
            bench
          </Link>
          {answer && items ? `, matched in ${Math.max(1, Math.round(answer.ms))} ms.` : '.'}
        </p>
      </SidePanel>
    </SheetShell>
  );
}
