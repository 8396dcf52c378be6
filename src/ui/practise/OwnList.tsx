'use client';

import { useEffect, useState } from 'react';
import { asTyped } from '@/core/hand/hand';
import type { Ground } from '@/core/practice/ground';
import { WORD_LIST_LIMITS } from '@/core/practice/words/wordList';
import { Problem } from '@/core/problem/problem';
import { handOf } from '@/core/setting/handOf';
import { lettersOf } from '@/core/type/compose';
import type { ListFacts } from '@/workers/practise.worker';
import { FileButton } from '../fields/FileButton';
import { useNotice } from '../frame/notices';
import { call, sentenceOf } from '../lib/api';
import type { PractiseWorker } from './usePractiseWorker';

/** Letters lacking are named one by one up to so many. */
const MOST_NAMED = 12;
const LONGEST_NAME = 80;

/** The list words are taken from: the bundled one, or a text file of one's own. */
export function OwnList({
  ground,
  known,
  ask,
  onReplaced,
}: {
  ground: Ground;
  known: readonly string[];
  ask: PractiseWorker['ask'];
  /** The list the worker holds is no longer the one kept. */
  onReplaced: () => void;
}) {
  const [facts, setFacts] = useState<ListFacts | null>(null);
  const [read, setRead] = useState(0);
  const notice = useNotice();
  const { face } = ground;

  // biome-ignore lint/correctness/useExhaustiveDependencies: `read` counts the lists; a new one is asked about anew
  useEffect(() => {
    let current = true;
    const hand = face ? asTyped(handOf(ground.recipe), lettersOf(face)) : [];
    ask('facts', { known, hand })
      .then((found) => current && setFacts(found))
      .catch(() => undefined);
    return () => {
      current = false;
    };
  }, [ask, known, face, read]);

  const guarded = async (work: () => Promise<string>) => {
    try {
      const text = await work();
      onReplaced();
      setRead((count) => count + 1);
      notice({ tone: 'done', text });
    } catch (error) {
      notice({ tone: 'problem', text: sentenceOf(error) });
    }
  };
  const upload = (file: File) =>
    guarded(async () => {
      const { bytes } = WORD_LIST_LIMITS;
      if (file.size > bytes) {
        throw new Problem(
          'file',
          `“${file.name}” is larger than ${bytes / 1024 / 1024} MB; shorten the list.`,
        );
      }
      const json = { name: file.name.slice(0, LONGEST_NAME), content: await utf8(file) };
      const answer = (await (await call('/api/words', { method: 'PUT', json })).json()) as {
        words: number;
        skipped: number;
      };
      const passed = answer.skipped > 0 ? `, ${answer.skipped} entries that are no words passed over` : '';
      return `${answer.words.toLocaleString('en')} ${answer.words === 1 ? 'word' : 'words'} from “${file.name}”${passed}.`;
    });
  const goBack = () =>
    guarded(async () => {
      await call('/api/words', { method: 'DELETE' });
      return 'Back to the bundled list.';
    });

  return (
    <section aria-labelledby="word-list" className="space-y-1">
      <h2 id="word-list" className="margin-heading">
        The list
      </h2>
      {facts && (
        <p className="text-sm" data-testid="list-facts">
          {facts.name ? `“${facts.name}”` : 'Bundled English list'}: {facts.words.toLocaleString('en')}{' '}
          {facts.words === 1 ? 'word' : 'words'}, {facts.writable.toLocaleString('en')} of them from letters
          you know.
        </p>
      )}
      {facts && facts.lacking.length > 0 && (
        <p className="remark remark-caution text-sm" data-testid="lacking">
          The hand lacks{' '}
          {facts.lacking
            .slice(0, MOST_NAMED)
            .map(
              ({ letter, words }) =>
                `${letter} (${words.toLocaleString('en')} ${words === 1 ? 'word' : 'words'})`,
            )
            .join(', ')}
          {facts.lacking.length > MOST_NAMED && ` and ${facts.lacking.length - MOST_NAMED} more`}; words with
          them are left out.
        </p>
      )}
      <div className="flex flex-wrap gap-1">
        <FileButton label="Word list file" accept=".txt,.csv,text/plain" onFile={(file) => void upload(file)}>
          Use a list of your own
        </FileButton>
        {facts?.name && (
          <button type="button" className="btn btn-sm" onClick={() => void goBack()}>
            Back to the bundled list
          </button>
        )}
      </div>
      <p className="text-sm opacity-80">A UTF-8 text, a word a line, the commonest first; any language.</p>
    </section>
  );
}

/** @throws Problem when the file is not UTF-8. */
async function utf8(file: File): Promise<string> {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(await file.arrayBuffer());
  } catch {
    throw new Problem('file', `“${file.name}” is not UTF-8 text; save it as UTF-8 and try again.`);
  }
}
