import type { Metadata } from 'next';
import { entriesOf } from '@/core/log/entriesOf';
import { listItems } from '@/store/items';
import { listNibs } from '@/store/nibs';
import { selectedPrinter } from '@/store/printers';
import { listRecords } from '@/store/records';
import { WithLetters } from '@/ui/frame/WithLetters';
import { PieceStation } from '@/ui/piece/PieceStation';
import { openPiece } from '../_lib/openPiece';
import type { Search } from '../_lib/openSheet';

export const metadata: Metadata = { title: 'Piece' };
export const dynamic = 'force-dynamic';

export default async function PiecePage({ searchParams }: { searchParams: Search }) {
  const [opened, drawer, printer, bench, dues] = await Promise.all([
    openPiece(searchParams),
    listNibs(),
    selectedPrinter(),
    listItems(),
    listRecords({ kinds: ['due'] }),
  ]);
  return (
    <WithLetters hands={[...new Set(opened.recipe.blocks.map(({ setting }) => setting.hand))]}>
      <PieceStation
        key={opened.id}
        opened={opened}
        drawer={drawer}
        bench={bench.filter(({ archived }) => !archived)}
        printer={printer?.name ?? null}
        due={entriesOf('due', dues).find(({ sheet }) => sheet === opened.id)?.at ?? ''}
      />
    </WithLetters>
  );
}
