import { KINDS } from '@/core/eye/judgement';
import { handById } from '@/core/hands/registry';
import { entriesOf } from '@/core/log/entriesOf';
import type { Entry, EntryData, EntryKind } from '@/core/log/entry';
import type { LogKind } from '@/core/log/logKinds';
import { plain } from '@/core/measure/units';
import { unitTitle } from '@/core/study/explain';
import { ofKey } from '@/core/study/unit';

/** What was practised, as it is called. */
export const nameOfUnit = (key: string): string => {
  const unit = ofKey(key);
  return unit ? unitTitle(unit) : key;
};

const MOST_NAMED = 8;

/** An entry in a line, and what is said under it. */
interface Told {
  readonly title: string;
  readonly more: string;
}

/** What is told of each kind: a kind without words of its own does not compile. */
const WORDS: { readonly [K in LogKind]: (data: EntryData<K>) => Told } = {
  session: ({ hand, minutes, units, kit }) => {
    const letters = units.filter((key) => key.startsWith('letter:')).map(nameOfUnit);
    const others = units.length - letters.length;
    return {
      title: `${handById(hand).name}, ${plain(minutes, 0)} min`,
      more: [
        letters.slice(0, MOST_NAMED).join(' ') + (letters.length > MOST_NAMED ? ' …' : ''),
        others > 0 ? `${others} ${others === 1 ? 'other' : 'others'}` : '',
        kit.tool?.label ?? '',
      ]
        .filter(Boolean)
        .join(' · '),
    };
  },
  mix: ({ label, base, baseMl }) => ({ title: `Mixed “${label}”`, more: `${plain(baseMl)} ml of ${base}` }),
  remedy: ({ complaint, addition, helped }) => ({
    title: `An ink that was ${complaint}`,
    more: `${addition} added: ${helped ? 'it helped' : 'it did not help'}`,
  }),
  cure: ({ seen, cause }) => ({ title: `Cured: ${seen}`, more: cause }),
  eye: ({ judgement, threshold }) => {
    const { name, inWords: told } = KINDS[judgement];
    return { title: `The eye: ${name}`, more: `tells ${told(threshold)}` };
  },
  review: ({ title, hand, remarks }) => {
    const remark = remarks.find(({ cure }) => cure !== '') ?? remarks[0];
    return { title: `Reviewed: ${title || handById(hand).name}`, more: remark?.text ?? '' };
  },
  prepared: ({ done }) => ({ title: 'A tool was prepared', more: done.join(', ') }),
  printed: ({ hand, letters }) => ({ title: `Printed: ${handById(hand).name}`, more: letters.join(' ') }),
  cleaned: () => ({ title: 'A tool was cleaned', more: '' }),
};

const isLogKind = (kind: EntryKind): kind is LogKind => Object.hasOwn(WORDS, kind);

const toldBy = <K extends LogKind>(kind: K, data: EntryData<K>): Told => WORDS[kind](data);

/** An entry of a kind that the logbook tells of, in words; of any other its kind. */
export function inWords({ kind, data }: Entry): Told {
  // The entry's data were read by its kind's own schema.
  return isLogKind(kind) ? toldBy(kind, data as EntryData<typeof kind>) : { title: kind, more: '' };
}

/** The local date of an entry: for a session where it began, for others where it is read. */
export function dayOf(entry: Entry): string {
  const [session] = entriesOf('session', [entry]);
  if (session) return session.began.slice(0, 10);
  const at = new Date(entry.at);
  return [at.getFullYear(), at.getMonth() + 1, at.getDate()]
    .map((part) => String(part).padStart(2, '0'))
    .join('-');
}
