import { type Document, isPiece } from '@/core/document/document';
import { paperFormat } from '@/core/measure/paper';
import { plain } from '@/core/measure/units';
import { handOf } from '@/core/setting/handOf';
import { usualName } from '../lib/usualName';

/** What a document is, in a line, and the station it opens in. */
export function standing(document: Document): { says: string; station: string } {
  if (isPiece(document)) {
    const { paper, blocks, rows } = document;
    const format =
      paperFormat(paper.format)?.name ?? `${plain(paper.width, 0)} × ${plain(paper.height, 0)} mm`;
    const hands = [...new Set(blocks.map(({ setting }) => handOf(setting).name))].join(', ');
    const list = rows.length > 0 ? ` · for ${rows.length}` : '';
    return { says: `Piece · ${format}, ${hands}${list}`, station: '/piece' };
  }
  const practised = document.practice.bands.length > 0;
  return {
    says: `${practised ? 'Practice page · ' : ''}${usualName(document)}`,
    station: practised ? '/practise' : '/rule',
  };
}
