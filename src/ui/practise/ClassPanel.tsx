'use client';

import { Plus, Printer, Trash2 } from 'lucide-react';
import { useRef, useState } from 'react';
import { DESK_PAPERS } from '@/core/about/about';
import { MOST_STUDENTS, namedStudent, readStudents, type Student } from '@/core/classroom/student';
import { HANDS } from '@/core/hands/registry';
import { SIDES } from '@/core/kit/need';
import { entriesOf } from '@/core/log/entriesOf';
import type { Entry } from '@/core/log/entry';
import { paperFormat } from '@/core/measure/paper';
import { USUAL_COURSE } from '@/core/practice/course/course';
import { BUNDLED } from '@/core/practice/words/wordList';
import { FileButton } from '../fields/FileButton';
import { NumberField } from '../fields/NumberField';
import { OneOf } from '../fields/OneOf';
import { useNotice } from '../frame/notices';
import { useRecords } from '../kit/useRecords';
import { call, download } from '../lib/api';
import { readReported } from '../lib/reported';
import { printerWords } from '../paper/FormatButtons';
import { useHandOver } from '../paper/useHandOver';
import { useWordLists } from './useWordLists';
import { WordListChoice } from './WordListChoice';
import { Working } from './Working';

const COPIES = { label: 'Copies', unit: '', low: 1, high: 10, step: 1 };

/** Under this id the class is kept. */
const CLASS_ID = 'class';

const paperName = (paper: Student['paper']) => paperFormat(paper)?.name ?? paper;

/** A list of names, each with writing hand, hand, letters and paper; everybody's pages in one go. */
export function ClassPanel({ records: remembered }: { records: readonly Entry[] }) {
  const { records, keep } = useRecords(remembered);
  const { students, wordList } = entriesOf('class', records).find(({ entryId }) => entryId === CLASS_ID) ?? {
    students: [],
    wordList: BUNDLED,
  };
  const { lists } = useWordLists();
  const [name, setName] = useState('');
  const [pack, setPack] = useState(false);
  const [copies, setCopies] = useState(1);
  const [refused, setRefused] = useState(false);
  const [progress, setProgress] = useState<{ readonly done: number; readonly of: number } | null>(null);
  const control = useRef<AbortController | null>(null);
  const notice = useNotice();
  const handOver = useHandOver();

  const put = (next: readonly Student[], list = wordList) =>
    keep(CLASS_ID, 'class', { students: next.slice(0, MOST_STUDENTS), wordList: list }).catch(
      (error: unknown) => notice.failed(error),
    );
  const change = (at: number, part: Partial<Student>) =>
    put(students.map((student, i) => (i === at ? { ...student, ...part } : student)));
  const add = () => {
    if (name.trim() === '') return;
    void put([...students, namedStudent(name)]);
    setName('');
  };
  const readList = async (listed: File) => {
    const { default: papa } = await import('papaparse');
    const rows = papa.parse<string[]>(await listed.text(), { skipEmptyLines: true }).data;
    const read = readStudents(rows);
    const remarks = read.flatMap(({ remark }) => remark ?? []);
    await put([...students, ...read.map(({ student }) => student)]);
    notice({
      tone: remarks.length > 0 ? 'problem' : 'done',
      text: [`${read.length} names read.`, ...remarks.slice(0, 3)].join(' '),
    });
  };
  const make = async (out: 'paper' | 'pdf' | 'zip') => {
    const mine = new AbortController();
    control.current = mine;
    setProgress({ done: 0, of: students.length });
    try {
      const handout = pack ? USUAL_COURSE : 'page';
      const answer = await call(`/api/class?progress=1&format=${out === 'zip' ? 'zip' : 'pdf'}`, {
        method: 'POST',
        json: { students, handout, copies, wordList },
        signal: mine.signal,
      });
      const parts = await readReported<{ readonly done: number; readonly of: number }>(answer, setProgress);
      if (out === 'zip') download(new Blob(parts, { type: 'application/zip' }), 'class.zip');
      else await handOver(new Blob(parts, { type: 'application/pdf' }), 'class.pdf', out);
    } catch (error) {
      if (!mine.signal.aborted) notice.failed(error);
    } finally {
      setProgress(null);
    }
  };

  return (
    <section aria-labelledby="class" className="space-y-3">
      <h2 id="class" className="margin-heading">
        A class
      </h2>
      <p className="text-sm opacity-80">
        Each student gets their own pages, with the name at the head: hand, known letters, paper and writing
        hand. Names are kept at this desk only.
      </p>
      <form
        className="flex flex-wrap gap-1"
        onSubmit={(event) => {
          event.preventDefault();
          add();
        }}
      >
        <input
          dir="auto"
          className="input input-sm min-w-0 flex-1"
          aria-label="Name of a student"
          placeholder="Name"
          maxLength={40}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
        <button type="submit" className="btn btn-sm" disabled={students.length >= MOST_STUDENTS}>
          <Plus size={14} aria-hidden /> Add
        </button>
        <FileButton
          label="List of a class"
          accept=".csv,text/csv,text/plain"
          onFile={(file) => void readList(file)}
        >
          Open a CSV
        </FileButton>
      </form>
      <ul className="divide-y divide-base-300">
        {students.map((student, at) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: two students may be called alike; their places tell them apart
          <li key={`${student.name} ${at}`} className="grid grid-cols-[1fr_auto] gap-1 py-2 text-sm">
            <b className="truncate" dir="auto">
              {student.name}
            </b>
            <button
              type="button"
              className="btn btn-ghost btn-xs min-h-6"
              aria-label={`Remove ${student.name} from the list`}
              onClick={() => void put(students.filter((_, i) => i !== at))}
            >
              <Trash2 size={13} aria-hidden />
            </button>
            <div className="col-span-2 grid grid-cols-[5rem_1fr_5rem] gap-1">
              <OneOf
                className="select select-xs w-full"
                label={`Writing hand of ${student.name}`}
                value={student.side}
                choices={SIDES}
                onChoose={(side) => void change(at, { side })}
              />
              <OneOf
                className="select select-xs w-full"
                label={`Hand of ${student.name}`}
                value={student.hand}
                choices={HANDS.map(({ id }) => id)}
                nameOf={(id) => HANDS.find((hand) => hand.id === id)?.name ?? id}
                onChoose={(hand) => void change(at, { hand, letters: [] })}
              />
              <OneOf
                className="select select-xs w-full"
                label={`Paper of ${student.name}`}
                value={student.paper}
                choices={DESK_PAPERS}
                nameOf={paperName}
                onChoose={(paper) => void change(at, { paper })}
              />
            </div>
            <input
              dir="auto"
              className="input input-xs col-span-2 w-full"
              aria-label={`Letters ${student.name} knows`}
              placeholder="letters known, such as n m h"
              key={student.letters.join(' ')}
              defaultValue={student.letters.join(' ')}
              onBlur={(event) => {
                const letters = [...new Set(event.target.value.split(/\s+/).filter(Boolean))].slice(0, 120);
                if (letters.join(' ') !== student.letters.join(' ')) void change(at, { letters });
              }}
            />
          </li>
        ))}
      </ul>
      {students.length > 0 && (
        <>
          <fieldset className="flex flex-wrap items-center gap-3 text-sm">
            <legend className="sr-only">What each student gets</legend>
            <label className="flex items-center gap-1">
              <input
                type="radio"
                className="radio radio-xs"
                checked={!pack}
                onChange={() => setPack(false)}
              />
              the next page
            </label>
            <label className="flex items-center gap-1">
              <input type="radio" className="radio radio-xs" checked={pack} onChange={() => setPack(true)} />a
              whole pack
            </label>
            <div className="ml-auto">
              <NumberField
                limit={COPIES}
                value={copies}
                onCommit={(entered) => setCopies(Math.round(entered))}
                onRefused={setRefused}
                beside
              />
            </div>
          </fieldset>
          {lists.length > 0 && (
            <div className="text-sm">
              Words from
              <WordListChoice
                label="The list of this class"
                lists={lists}
                list={wordList}
                onList={(list) => void put(students, list)}
              />
            </div>
          )}
          {progress ? (
            <Working
              what="Drawing everybody’s pages"
              progress={progress}
              onCancel={() => control.current?.abort()}
              patience={0}
            />
          ) : (
            <fieldset className="flex flex-wrap gap-1" disabled={refused}>
              <button type="button" className="btn btn-primary btn-sm" onClick={() => void make('paper')}>
                <Printer size={14} aria-hidden /> Print for everybody
              </button>
              <button type="button" className="btn btn-sm" onClick={() => void make('pdf')}>
                One PDF
              </button>
              <button type="button" className="btn btn-sm" onClick={() => void make('zip')}>
                One file each (zip)
              </button>
            </fieldset>
          )}
          <p className="text-sm opacity-80">{printerWords(null)}</p>
        </>
      )}
    </section>
  );
}
