import type { Metadata } from 'next';
import { entriesOf } from '@/core/log/entriesOf';
import { listItems } from '@/store/items';
import { listNibs } from '@/store/nibs';
import { selectedPrinter } from '@/store/printers';
import { listRecords } from '@/store/records';
import { WithLetters } from '@/ui/frame/WithLetters';
import { PieceStation } from '@/ui/piece/PieceStation';
import { STATIONS } from '@/ui/stations/stations';
import { chosenKit } from '../_lib/desk';
import { openPiece } from '../_lib/openPiece';
import type { Search } from '../_lib/openSheet';

export const metadata: Metadata = { title: STATIONS.piece.name };
export const dynamic = 'force-dynamic';

export default async function PiecePage({ searchParams }: { searchParams: Search }) {
  const [opened, drawer, printer, bench, records] = await Promise.all([
    openPiece(searchParams),
    listNibs(),
    selectedPrinter(),
    listItems(),
    listRecords({ kinds: ['due', 'kit'] }),
  ]);
  const hands = [...new Set(opened.recipe.blocks.map(({ setting }) => setting.hand))];
  return (
    <WithLetters hands={hands}>
      <PieceStation
        key={opened.id}
        opened={opened}
        drawer={drawer}
        bench={bench.filter(({ archived }) => !archived)}
        kits={Object.fromEntries(hands.map((hand) => [hand, chosenKit(hand, records)?.parts]))}
        printer={printer?.name ?? null}
        due={entriesOf('due', records).find(({ sheet }) => sheet === opened.id)?.at ?? ''}
      />
    </WithLetters>
  );
}
