'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useRef, useState } from 'react';
import { whatFollows, withChosenNib } from '@/core/document/chosenNib';
import { freshFor } from '@/core/document/freshFor';
import { withOutlines } from '@/core/document/outlines';
import { type HandId, handById } from '@/core/hands/registry';
import { asNib, blankItem } from '@/core/kit/item';
import { type ItemKind, isTool } from '@/core/kit/itemKinds';
import type { Kit } from '@/core/kit/judgeKit';
import { firstToolFor } from '@/core/kit/kinds/registry';
import { type Need, needFor } from '@/core/kit/need';
import type { Nib } from '@/core/kit/nib';
import { entriesOf } from '@/core/log/entriesOf';
import type { Entry } from '@/core/log/entry';
import { lookUp } from '@/core/measure/lookUp';
import { type Mm, plain } from '@/core/measure/units';
import { Link } from '@/ui/lib/Link';
import { useBench } from '../bench/useBench';
import { Tabs } from '../fields/Tabs';
import { useAbout } from '../frame/AboutMe';
import { later } from '../frame/later';
import { useNotice } from '../frame/notices';
import { sheetAddress } from '../sheet/recipeUrl';
import { SheetShell } from '../sheet/SheetShell';
import { SidePanel } from '../sheet/SidePanel';
import { type Opened, useSheet } from '../sheet/useSheet';
import { nameOf } from './kitWords';
import { MatchPanel } from './MatchPanel';
import { BUYABLE, NeedForm } from './NeedForm';
import { useMatch } from './useMatch';
import { useRecords } from './useRecords';

const PreparePanel = later(() => import('./PreparePanel').then((panel) => panel.PreparePanel));
const InkPanel = later(() => import('./InkPanel').then((panel) => panel.InkPanel));
const TroublePanel = later(() => import('./TroublePanel').then((panel) => panel.TroublePanel));

/** What every kit writes, where the sheet has no word of its own. */
const KIT_WORD = 'moon';

const TABS = ['Match', 'Prepare', 'Ink', 'What is going wrong?'] as const;
type Tab = (typeof TABS)[number];
/** Links lead to a tab by its hash. */
const TAB_OF: Readonly<Record<string, Tab>> = {
  '#prepare': 'Prepare',
  '#ink': 'Ink',
  '#trouble': 'What is going wrong?',
};

/** The id of the record that holds the kit chosen for a hand, and what was asked for. */
const choiceOf = (hand: HandId) => `kit-${hand}`;
/** Kits were once remembered for all hands together. */
const EARLIER_CHOICE = 'kit';

/** A tool nobody has described, to ask about a hand before a kit is chosen. */
const anyTool = (hand: HandId): Kit => {
  const { id, name } = firstToolFor(handById(hand).tool);
  return { tool: blankItem('any', id, `any ${name}`) };
};

/**
 * Kit: nib, holder, ink and paper matched to a hand, from the scribe's own drawer. What is asked stands beside the sheet:
 * only choosing a kit, and the sentence, change it.
 */
export function KitStation({
  opened,
  drawer,
  records: remembered,
  wantedMl,
}: {
  opened: Opened;
  drawer: readonly Nib[];
  records: readonly Entry[];
  /** Volume of ink that a piece sent here for, in ml. */
  wantedMl: number | null;
}) {
  const sheet = useSheet(opened);
  const { recipe, edit } = sheet;
  const { items, change } = useBench();
  const records = useRecords(remembered);
  const notice = useNotice();
  const router = useRouter();
  const [tab, setTab] = useState<Tab>('Match');
  useEffect(() => {
    const follow = () => setTab(lookUp(TAB_OF, window.location.hash) ?? 'Match');
    if (window.location.hash) follow();
    window.addEventListener('hashchange', follow);
    return () => window.removeEventListener('hashchange', follow);
  }, []);
  const [buy, setBuy] = useState<readonly ItemKind[]>(BUYABLE);
  const [only, setOnly] = useState('');
  const kits = entriesOf('kit', records.records);
  // Answers about the scribe carry over to another hand; answers about the previous hand do not.
  const { about: scribe, keep: keepScribe } = useAbout();
  const [wanted, setWanted] = useState<Need>(() => kits.at(-1)?.need ?? needFor(recipe.hand));
  const [looking, setLooking] = useState<{ readonly hand: HandId; readonly bodyMm: Mm | null }>();
  const { hand, bodyMm } =
    looking && (looking.hand !== recipe.hand || looking.bodyMm !== null)
      ? looking
      : { hand: recipe.hand, bodyMm: null };
  const need = useMemo(() => {
    const { side, experience, schools } = scribe;
    return { ...wanted, side, experience, schools, hand, bodyMm };
  }, [wanted, scribe, hand, bodyMm]);
  const judged = useMemo(
    () => ({ ...need, grip: scribe.grip, tried: entriesOf('seat', records.records) }),
    [need, scribe.grip, records.records],
  );
  const ask = (next: Need) => {
    setWanted(next);
    const { side, experience, schools } = next;
    if (
      JSON.stringify([side, experience, schools]) !==
      JSON.stringify([scribe.side, scribe.experience, scribe.schools])
    ) {
      const before = scribe;
      const { failed } = notice;
      keepScribe({ ...scribe, side, experience, schools }).then(() => {
        if (side === before.side) return;
        notice({
          tone: 'done',
          text: `From now on every new page is laid for a ${side} hand: it is kept in Workshop, About me.`,
          undo: () => keepScribe({ ...before, experience, schools }),
        });
      }, failed);
    }
    setLooking({ hand: next.hand, bodyMm: next.hand === hand ? next.bodyMm : null });
  };
  // A sheet that becomes one of another hand is what the questions are about again.
  const asked = useRef(recipe.hand);
  useEffect(() => {
    if (asked.current === recipe.hand) return;
    asked.current = recipe.hand;
    setLooking(undefined);
  }, [recipe.hand]);
  const tools = useMemo(() => (items ?? []).filter((item) => isTool(item.kind) && !item.archived), [items]);
  const bench = useMemo(
    () => items && (only ? items.filter((item) => !isTool(item.kind) || item.id === only) : items),
    [items, only],
  );
  const answer = useMatch(judged, bench, buy);
  const choice =
    kits.find(({ entryId }) => entryId === choiceOf(hand)) ??
    kits.find(({ entryId, need }) => entryId === EARLIER_CHOICE && need.hand === hand);
  const byId = (part: string | undefined) => items?.find((item) => item.id === part);
  const tool = byId(choice?.parts.tool);
  const chosen: Kit | undefined = tool && {
    tool,
    holder: byId(choice?.parts.holder),
    ink: byId(choice?.parts.ink),
    paper: byId(choice?.parts.paper),
  };
  const likely = answer?.match.ranked[0]?.kit;
  // A tool that is asked about goes before the kit that was chosen.
  const asks = only !== '' && likely !== undefined && likely.tool.id !== chosen?.tool.id;
  const inHand = (asks ? likely : (chosen ?? likely)) ?? anyTool(hand);
  const isChosen = chosen !== undefined && !asks;
  const mine = hand === recipe.hand;
  // Grip and page are of the hand that is asked about, whatever sheet lies open.
  const ruled = useMemo(() => (mine ? recipe : freshFor(scribe, hand)), [mine, recipe, scribe, hand]);

  const followsOf = (kit: Kit): string | undefined => {
    const nib = asNib(kit.tool);
    if (!nib) return undefined;
    return mine
      ? `this sheet for ${whatFollows(recipe, nib, bodyMm)}`
      : `a new sheet of ${handById(hand).name}`;
  };
  const choose = async (kit: Kit) => {
    const { tool, holder, ink, paper } = kit;
    const nib = asNib(tool);
    // The sheet is saved first, so that the next station finds it ruled.
    if (mine && nib) edit((r) => withChosenNib(r, nib, bodyMm));
    try {
      const parts = { tool: tool.id, holder: holder?.id, ink: ink?.id, paper: paper?.id };
      await records.keep(choiceOf(hand), 'kit', { need, parts });
    } catch (error) {
      notice.failed(error);
      return;
    }
    if (!mine) {
      router.push(`/rule?hand=${hand}${nib ? `&nib=${encodeURIComponent(nib.id)}` : ''}`);
      return;
    }
    notice({
      tone: 'done',
      text: nib
        ? `Chosen: ${nameOf(kit)}. The sheet is ruled for its ${plain(nib.width)} mm.`
        : `Chosen: ${nameOf(kit)}. Its width is not known, so the sheet stays as it is ruled.`,
    });
  };
  /** A page of outlines: what two pencils draw. */
  const outlines = () => {
    if (!mine) return router.push(`/practise?hand=${hand}`);
    // The page travels in the address, since it may not be on the shelf yet.
    const next = withOutlines(recipe);
    edit(() => next);
    router.push(sheetAddress(opened.id, next, '/practise'));
  };

  return (
    <SheetShell title="Kit" sheet={sheet} drawer={drawer} step={tab === 'Prepare' ? 'Prepare' : 'Kit'}>
      <div className="min-w-0 flex-1 overflow-y-auto px-6 py-4 max-sm:px-3">
        <Tabs name="Kit" tabs={TABS} value={tab} onChoose={setTab} className="mb-4 gap-1">
          {tab === 'Match' && (
            <MatchPanel
              need={judged}
              bench={items ?? []}
              answer={items ? answer : null}
              chosen={chosen}
              followsOf={followsOf}
              onChoose={(kit) => void choose(kit)}
              onOutlines={outlines}
              word={recipe.exemplar.trim().split(/\s+/)[0] || KIT_WORD}
            />
          )}
          {tab === 'Prepare' && (
            <PreparePanel
              need={need}
              kit={inHand}
              isChosen={isChosen}
              recipe={ruled}
              records={records}
              onChange={change}
            />
          )}
          {tab === 'Ink' && (
            <InkPanel
              records={records}
              wantedMl={wantedMl}
              writtenWith={[inHand.tool, inHand.paper].flatMap((one) => one?.label ?? []).join(' on ')}
            />
          )}
          {tab === 'What is going wrong?' && (
            <TroublePanel
              key={`${hand} ${inHand.tool.id}`}
              kit={inHand}
              isChosen={isChosen}
              records={records}
            />
          )}
        </Tabs>
      </div>
      <SidePanel holds="What it is for" className="sm:w-60 lg:w-72">
        <NeedForm
          need={need}
          recipe={recipe}
          tools={tools}
          only={only}
          onOnly={setOnly}
          onChange={ask}
          buy={buy}
          onBuy={setBuy}
        />
        <p className="text-sm">
          {items ? `${items.length} ${items.length === 1 ? 'thing' : 'things'} on the ` : 'Looking at the '}
          <Link href="/bench" className="link">
            bench
          </Link>
          .
        </p>
      </SidePanel>
    </SheetShell>
  );
}
