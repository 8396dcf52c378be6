import { KINDS } from '@/core/eye/judgement';
import { handById } from '@/core/hands/registry';
import { entriesOf } from '@/core/log/entriesOf';
import type { Entry } from '@/core/log/entry';
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
export function inWords(entry: Entry): { readonly title: string; readonly more: string } {
  const [session] = entriesOf('session', [entry]);
  if (session) {
    const letters = session.units.filter((key) => key.startsWith('letter:')).map(nameOfUnit);
    const others = session.units.length - letters.length;
    return {
      title: `${handById(session.hand).name}, ${plain(session.minutes, 0)} min`,
      more: [
        letters.slice(0, MOST_NAMED).join(' ') + (letters.length > MOST_NAMED ? ' …' : ''),
        others > 0 ? `${others} ${others === 1 ? 'other' : 'others'}` : '',
        session.kit.tool?.label ?? '',
      ]
        .filter(Boolean)
        .join(' · '),
    };
  }
  const [mix] = entriesOf('mix', [entry]);
  if (mix) return { title: `Mixed “${mix.label}”`, more: `${plain(mix.baseMl)} ml of ${mix.base}` };
  const [remedy] = entriesOf('remedy', [entry]);
  if (remedy) {
    return {
      title: `An ink that was ${remedy.complaint}`,
      more: `${remedy.addition} added: ${remedy.helped ? 'it helped' : 'it did not help'}`,
    };
  }
  const [cure] = entriesOf('cure', [entry]);
  if (cure) return { title: `Cured: ${cure.seen}`, more: cure.cause };
  const [eye] = entriesOf('eye', [entry]);
  if (eye) {
    const { name, inWords: told } = KINDS[eye.judgement];
    return { title: `The eye: ${name}`, more: `tells ${told(eye.threshold)}` };
  }
  const [review] = entriesOf('review', [entry]);
  if (review) {
    const remark = review.remarks.find(({ cure }) => cure !== '') ?? review.remarks[0];
    return { title: `Reviewed: ${review.title || handById(review.hand).name}`, more: remark?.text ?? '' };
  }
  const [prepared] = entriesOf('prepared', [entry]);
  if (prepared) return { title: 'A tool was prepared', more: prepared.done.join(', ') };
  const [printed] = entriesOf('printed', [entry]);
  if (printed) {
    return { title: `Printed: ${handById(printed.hand).name}`, more: printed.letters.join(' ') };
  }
  return { title: 'A tool was cleaned', more: '' };
}

/** The day on the wall where it happened: of a session where it began, of others where they are read. */
export function dayOf(entry: Entry): string {
  const [session] = entriesOf('session', [entry]);
  if (session) return session.began.slice(0, 10);
  const at = new Date(entry.at);
  return [at.getFullYear(), at.getMonth() + 1, at.getDate()]
    .map((part) => String(part).padStart(2, '0'))
    .join('-');
}

const DAY = new Intl.DateTimeFormat('en', {
  weekday: 'long',
  day: 'numeric',
  month: 'long',
  year: 'numeric',
  timeZone: 'UTC',
});
export const dayInWords = (day: string): string => DAY.format(new Date(`${day}T12:00:00Z`));

const SHORT = new Intl.DateTimeFormat('en', { day: 'numeric', month: 'short', year: 'numeric' });
export const dateInWords = (time: string): string => SHORT.format(new Date(time));
