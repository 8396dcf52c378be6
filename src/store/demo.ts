import { DEMO_KNOWN } from '@/core/document/demoPages';
import { demoSheets } from '@/core/document/demoSheets';
import { loadAllScripts } from '@/core/hands/scripts';
import { DEMO_BENCH } from '@/core/kit/demoBench';
import { demoPieces } from '@/core/piece/demoPieces';
import { countRows } from './counts';
import { saveItems } from './items';
import { saveRecord } from './records';
import { saveSheet } from './sheets';

/** Fills an empty store; one with anything in it is left alone. */
export async function seedDemo(now: Date): Promise<void> {
  const rows = await countRows();
  if (rows.sheets + rows.items + rows.printers > 0) return;
  await loadAllScripts();
  await saveItems(DEMO_BENCH);
  let time = now.getTime() - 60_000;
  const pieces = demoPieces().map(({ piece, ...sheet }) => ({ ...sheet, recipe: piece }));
  for (const sheet of [...pieces, ...demoSheets()]) {
    time += 1000;
    await saveSheet({ ...sheet, recipe: JSON.stringify(sheet.recipe) }, new Date(time));
  }
  await saveRecord({
    id: 'known-italic',
    kind: 'known',
    data: JSON.stringify({ letters: DEMO_KNOWN, stressed: [] }),
    at: now.toISOString(),
  });
}
