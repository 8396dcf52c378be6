import 'server-only';
import { randomBytes } from 'node:crypto';
import { ID_LENGTH, printId } from '@/core/page/pageCode';
import type { Step } from '@/press/step';
import { keepPrints } from '@/store/printedPages';
import { version } from '../../../package.json';
import type { Steps } from './pages';

/** A new id for a print. */
export const newPrintId = (): string => printId(randomBytes(ID_LENGTH));

/** Identifies what draws pages now; stored with them. */
const ENGINE = `elvane ${version}`;

/** Passes steps on, and stores pages with codes before their bytes are sent, so that every printed page is known. */
export async function* keeping(steps: Steps): AsyncGenerator<Step, void, void> {
  try {
    for (let step = await steps.next(); !step.done; step = await steps.next()) {
      await keepPrints(step.value.kept ?? [], ENGINE, new Date());
      yield step.value;
    }
  } finally {
    await steps.return?.();
  }
}
