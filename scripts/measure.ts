import { fork } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { FAULT_IDS, type FaultId } from '@/core/faults/faults';
import { numbersFrom } from '@/core/measure/seeded';
import type { Measuring } from '@/core/review/review';
import { type Errors, errorsOf } from '../tests/support/review/errors';
import { faultyRows } from '../tests/support/review/faultyRows';
import { CALLED, heldOutFaults } from '../tests/support/review/heldOut';
import {
  firstLetters,
  lookedAt,
  MEASURED_HANDS,
  pageOfRows,
  reviewedFrom,
  someHabits,
  someShot,
  taken,
} from '../tests/support/review/pages';
import { measuredSample, sampleErrors, sampleForTest } from '../tests/support/review/samples';

/**
 * The error tables of docs/measuring.md: simulated pages of six hands, half of them scanned and half photographed, and rows with
 * one fault each by a generator the judge was not tuned to. `npm run measure -- [pages] [fault pages] [samples]`, 0 for none; two processes share the work.
 */
const PAGES = Number(process.argv[2] ?? 120);
const FAULT_PAGES = Number(process.argv[3] ?? 72);
const SAMPLES = Number(process.argv[4] ?? 48);
const TINTS = ['faint', 'drop-out', 'strong'] as const;

interface Made {
  readonly kind: 'page';
  readonly hand: string;
  readonly view: 'scan' | 'photo';
  readonly read: boolean;
  readonly rings: number;
  readonly errors: Errors;
  readonly held: Partial<Record<string, boolean>>;
  readonly cpu: number;
}
interface Judged {
  readonly kind: 'row';
  readonly hand: string;
  readonly view: 'scan' | 'photo';
  readonly text: string;
  readonly fault: FaultId | null;
  readonly size: number;
  readonly said: readonly string[];
}

interface Shown {
  readonly kind: 'sample';
  readonly view: 'scan' | 'photo';
  readonly known: boolean;
  readonly errors: Errors;
  readonly held: Partial<Record<string, boolean>>;
}

/** Of the figures with an error, whether it is within the ± that is shown. */
const heldIn = ({ figures }: Measuring, errors: Errors): Partial<Record<string, boolean>> =>
  Object.fromEntries(
    figures.flatMap(({ id, error }) => {
      const off = errors[id];
      return off === undefined ? [] : [[id, Math.abs(off) <= error]];
    }),
  );

async function oneSample(seed: number): Promise<Shown> {
  const hand = MEASURED_HANDS[seed % MEASURED_HANDS.length] as (typeof MEASURED_HANDS)[number];
  const view = Math.floor(seed / MEASURED_HANDS.length) % 2 === 0 ? 'scan' : 'photo';
  const sample = await sampleForTest(seed, hand, view);
  const measuring = await measuredSample(sample);
  const errors = sampleErrors(measuring, sample);
  return { kind: 'sample', view, known: sample.asked.text !== '', errors, held: heldIn(measuring, errors) };
}

async function onePage(seed: number): Promise<Made> {
  const hand = MEASURED_HANDS[seed % MEASURED_HANDS.length] as (typeof MEASURED_HANDS)[number];
  const view = Math.floor(seed / MEASURED_HANDS.length) % 2 === 0 ? 'scan' : 'photo';
  const letters = await firstLetters(hand, 6);
  const printed = await pageOfRows(hand, letters, {
    tint: TINTS[Math.floor(seed / (2 * MEASURED_HANDS.length)) % TINTS.length],
  });
  const habits = someHabits(seed);
  const { jpeg, rows } = await taken(printed, habits, someShot(seed, view));
  const before = process.cpuUsage();
  const looked = await lookedAt(jpeg);
  const read = looked.code?.hash === printed.code.hash;
  const reviewed = await reviewedFrom(jpeg, printed, looked);
  const { user, system } = process.cpuUsage(before);
  const errors = errorsOf(printed, reviewed, rows, habits);
  const held = heldIn(reviewed.measuring, errors);
  return { kind: 'page', hand, view, read, rings: reviewed.rings, errors, held, cpu: (user + system) / 1000 };
}

async function oneFaultPage(seed: number): Promise<Judged[]> {
  const hand = MEASURED_HANDS[seed % MEASURED_HANDS.length] as (typeof MEASURED_HANDS)[number];
  const view = seed % 4 < 2 ? 'scan' : 'photo';
  const letters = await firstLetters(hand, 7);
  const printed = await pageOfRows(hand, letters);
  const chance = numbersFrom(seed * 31 + 5);
  const rows = faultyRows(printed, chance);
  const base = someHabits(seed + 500);
  const habits = {
    ...base,
    angleSpread: 1.5 + chance(),
    slopeSpread: 1 + chance(),
    wobble: 0.05,
    place: 0.1,
    sinking: 0,
    faults: Object.fromEntries(
      rows.flatMap(({ row, fault, size }) => (fault ? [[row, { fault, size }]] : [])),
    ),
  };
  const { jpeg } = await taken(printed, habits, someShot(seed + 500, view), heldOutFaults);
  const { measuring } = await reviewedFrom(jpeg, printed);
  return rows.map(({ text, fault, size }) => {
    const found = measuring.rows.find((row) => row.text === text);
    return { kind: 'row', hand, view, text, fault, size, said: found?.faults.map((one) => one.fault) ?? [] };
  });
}

const sorted = (values: readonly number[]) => values.map(Math.abs).sort((a, b) => a - b);
const at = (values: readonly number[], share: number) =>
  values[Math.min(values.length - 1, Math.floor(share * values.length))] ?? Number.NaN;
const three = (values: readonly number[], digits: number) => {
  const all = sorted(values);
  return all.length === 0
    ? '–'
    : [at(all, 0.5), at(all, 0.9), all.at(-1) ?? 0].map((n) => n.toFixed(digits)).join(' / ');
};
const UNITS = {
  angle: ['pen angle of the page', '°', 2],
  angleSpread: ['its wander (sd)', '°', 2],
  nib: ['nib width', 'mm', 3],
  slope: ['slope of the page', '°', 2],
  slopeSpread: ['its wander (sd)', '°', 2],
  body: ['body height', 'mm', 3],
  feet: ['feet on their line', 'mm', 3],
  sinking: ['sinking along the line', 'mm', 2],
} as const;

type Measured = Made | Judged | Shown;

function report(made: readonly Measured[]): Record<'pages' | 'rows' | 'samples', string> {
  const samples = made.filter((one): one is Shown => one.kind === 'sample');
  const pages = made.filter((one): one is Made => one.kind === 'page');
  const rows = made.filter((one): one is Judged => one.kind === 'row');
  const table = (some: readonly (Made | Shown)[]) =>
    (Object.keys(UNITS) as (keyof typeof UNITS)[]).map((id) => {
      const [name, unit, digits] = UNITS[id];
      const of = (view: 'scan' | 'photo') =>
        some.flatMap((page) =>
          page.view === view && page.errors[id] !== undefined ? [page.errors[id]] : [],
        );
      const held = some.flatMap((page) => (page.held[id] === undefined ? [] : [page.held[id]]));
      return `| ${name} (${unit}) | ${three(of('scan'), digits)} | ${three(of('photo'), digits)} | ${held.filter(Boolean).length} of ${held.length} |`;
    });
  const faulty = rows.filter(({ fault }) => fault !== null);
  const right = faulty.filter(
    ({ fault, said }) => fault && said[0] !== undefined && CALLED[fault].includes(said[0]),
  );
  const sound = rows.filter(({ fault }) => fault === null);
  const alarms = sound.filter(({ said }) => said.length > 0);
  const share = (part: number, whole: number) =>
    `${part} of ${whole} (${((100 * part) / Math.max(1, whole)).toFixed(0)} %)`;
  const ofPages = [
    `${pages.length} pages, seeds 0 to ${pages.length - 1}; codes read: ${share(pages.filter(({ read }) => read).length, pages.length)}; all eight rings on ${pages.filter(({ rings }) => rings === 8).length}; CPU to look and to measure, a page: median ${at(sorted(pages.map(({ cpu }) => cpu)), 0.5).toFixed(0)} ms.`,
    '',
    'Absolute error, median / 90 % / worst:',
    '',
    '| figure | scan | photo | the ± shown held |',
    '|---|---|---|---|',
    ...table(pages),
    '',
    ...MEASURED_HANDS.flatMap((hand) => [
      `### ${hand}`,
      '',
      '| figure | scan | photo | the ± shown held |',
      '|---|---|---|---|',
      ...table(pages.filter((page) => page.hand === hand)),
      '',
    ]),
  ];
  const ofRows = [
    `### Rows with one fault, by the held-out generator`,
    '',
    `Right fault first: ${share(right.length, faulty.length)}. False alarms on sound rows: ${share(alarms.length, sound.length)}.`,
    '',
    '| fault | right first | called otherwise |',
    '|---|---|---|',
    ...FAULT_IDS.map((fault) => {
      const some = faulty.filter((row) => row.fault === fault);
      const other = some.filter((row) => !CALLED[fault].includes(row.said[0] ?? ''));
      const called = other.map((row) => `${row.hand} ${row.text}: ${row.said[0] ?? 'nothing'}`).slice(0, 6);
      return `| ${fault} | ${some.length - other.length} of ${some.length} | ${called.join('; ')} |`;
    }),
    '',
    `| hand | right first | false alarms |`,
    '|---|---|---|',
    ...MEASURED_HANDS.map((hand) => {
      const some = faulty.filter((row) => row.hand === hand);
      const ok = some.filter((row) => row.fault && CALLED[row.fault].includes(row.said[0] ?? ''));
      const still = sound.filter((row) => row.hand === hand);
      return `| ${hand} | ${ok.length} of ${some.length} | ${still.filter(({ said }) => said.length > 0).length} of ${still.length} ${still
        .filter(({ said }) => said.length > 0)
        .map(({ text, said }) => `${text}: ${said[0]}`)
        .join('; ')} |`;
    }),
  ];
  const ofSamples = [
    `${samples.length} blocks of rows of one word, of six hands, corners shown up to two pixels off; ${samples.filter(({ known }) => known).length} with their words told. Absolute error, median / 90 % / worst:`,
    '',
    '| figure | scan | photo | the ± shown held |',
    '|---|---|---|---|',
    ...table(samples).filter((line) => !line.includes('| – | – |')),
  ];
  return { pages: ofPages.join('\n'), rows: ofRows.join('\n'), samples: ofSamples.join('\n') };
}

const DOC = 'docs/measuring.md';

if (process.send) {
  const part = Number(process.env.PART);
  (async () => {
    for (let seed = part; seed < PAGES; seed += 2) process.send?.(await onePage(seed));
    for (let seed = part; seed < FAULT_PAGES; seed += 2)
      for (const row of await oneFaultPage(seed)) process.send?.(row);
    for (let seed = part; seed < SAMPLES; seed += 2) process.send?.(await oneSample(seed));
    process.disconnect();
  })();
} else {
  const made: Measured[] = [];
  const parts = [0, 1].map(
    (part) =>
      new Promise<void>((done, fail) => {
        const child = fork(process.argv[1] as string, process.argv.slice(2), {
          env: { ...process.env, PART: String(part) },
        });
        child.on('message', (message) => made.push(message as Measured));
        child.on('exit', (code) => (code === 0 ? done() : fail(new Error(`a part ended with ${code}`))));
      }),
  );
  Promise.all(parts).then(() => {
    const text = report(made);
    let doc = readFileSync(DOC, 'utf8');
    // A part that was not asked for stays as it is.
    for (const [part, count] of [
      ['pages', PAGES],
      ['rows', FAULT_PAGES],
      ['samples', SAMPLES],
    ] as const) {
      if (count === 0) continue;
      console.log(text[part]);
      const [begin, end] = [`<!-- ${part} begin -->`, `<!-- ${part} end -->`];
      const [head, rest = ''] = doc.split(begin);
      doc = `${head}${begin}\n\n${text[part]}\n\n${end}${rest.split(end)[1] ?? ''}`;
    }
    writeFileSync(DOC, doc);
  });
}
