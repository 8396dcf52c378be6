'use client';

import { useEffect, useState } from 'react';
import { asTyped } from '@/core/hand/hand';
import type { Ground } from '@/core/practice/ground';
import { BUNDLED, WORD_LIST_LIMITS } from '@/core/practice/words/wordList';
import { Problem } from '@/core/problem/problem';
import { handOf } from '@/core/setting/handOf';
import { lettersOf } from '@/core/type/compose';
import type { ListFacts } from '@/workers/practise.worker';
import { FileButton } from '../fields/FileButton';
import { useNotice } from '../frame/notices';
import { askServer, call } from '../lib/api';
import type { PractiseWorker } from './usePractiseWorker';
import { useWordLists } from './useWordLists';
import { WordListChoice } from './WordListChoice';

/** Maximum number of missing letters that are named one by one. */
const MOST_NAMED = 12;
const LONGEST_NAME = 80;

/** The word list of this sheet: the bundled one, or the user's own text file. */
export function OwnList({
  ground,
  known,
  list,
  ask,
  onList,
}: {
  ground: Ground;
  known: readonly string[];
  list: string;
  ask: PractiseWorker['ask'];
  onList: (id: string) => void;
}) {
  const [facts, setFacts] = useState<ListFacts | null>(null);
  const { lists, read } = useWordLists();
  const notice = useNotice();
  const { face } = ground;

  useEffect(() => {
    let current = true;
    const hand = face ? asTyped(handOf(ground.recipe), lettersOf(face)) : [];
    ask('facts', { known, hand })
      .then((found) => current && setFacts(found))
      .catch(() => undefined);
    return () => {
      current = false;
    };
  }, [ask, known, face, ground.recipe]);

  const guarded = async (work: () => Promise<string>) => {
    try {
      const text = await work();
      await read();
      notice({ tone: 'done', text });
    } catch (error) {
      notice.failed(error);
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
      const answer = await askServer('POST /api/words', { json });
      onList(answer.id);
      const passed = answer.skipped > 0 ? `, ${answer.skipped} entries that are not words skipped` : '';
      return `${answer.words.toLocaleString('en')} ${answer.words === 1 ? 'word' : 'words'} from “${file.name}”${passed}.`;
    });
  const remove = () =>
    guarded(async () => {
      await call(`/api/words?list=${encodeURIComponent(list)}`, { method: 'DELETE' });
      onList(BUNDLED);
      return 'The list is removed; this sheet has its words from the bundled one.';
    });

  return (
    <section aria-labelledby="word-list" className="space-y-1">
      <h2 id="word-list" className="margin-heading">
        The list of this sheet
      </h2>
      <WordListChoice label="Words from" lists={lists} list={list} onList={onList} />
      {facts && (
        <p className="text-sm" data-testid="list-facts">
          {facts.name ? `“${facts.name}”` : 'Bundled English list'}: {facts.words.toLocaleString('en')}{' '}
          {facts.words === 1 ? 'word' : 'words'}, {facts.writable.toLocaleString('en')} of them from letters
          you know.
        </p>
      )}
      {facts?.name && facts.lacking.length > 0 && (
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
          Bring a list of your own
        </FileButton>
        {lists.some(({ id }) => id === list) && (
          <button type="button" className="btn btn-sm" onClick={() => void remove()}>
            Remove this list
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
