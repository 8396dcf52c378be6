import type { Mm } from '../../measure/units';
import type { Band } from '../band';
import type { Ground } from '../ground';
import { gathered } from '../parts/gathered';
import { headingPart, manner } from '../parts/heading';
import type { BandPart, BandParts, PageRoom } from '../parts/part';
import { LEAD, ladderOf, padOf } from '../parts/row';
import { written } from '../parts/written';
import type { Subjects } from '../subject';
import { kindOf } from './registry';

const unguided = (band: Band): Band => ({ ...band, how: { ...band.how, guided: false } });

/** What a band writes on this ground within the width `room`; nothing for a kind that writes nothing. */
export function subjectsOf(ground: Ground, { what }: Band, room: Mm): Subjects {
  return kindOf(what.kind).subjects?.(ground, what.of, room) ?? { heading: '', subjects: [], trouble: [] };
}

/** A band in parts that fit the frames. */
export function partsOf(band: Band, ground: Ground, place: PageRoom): BandParts {
  const kind = kindOf(band.what.kind);
  if (kind.parts) return kind.parts(band, ground, place);
  const room = place.width - ladderOf(ground, place) - LEAD - padOf(ground);
  const { heading, subjects, trouble } = subjectsOf(ground, band, room);
  const troubles = [...trouble];
  const parts: BandPart[] = [];
  const title = { name: heading, more: manner(band, ground) };
  const guidedTogether = kind.together && band.how.guided;
  if (guidedTogether && subjects.length > 0) {
    const guides = gathered(band, ground, place, subjects, title);
    parts.push(...guides.parts);
    troubles.push(...guides.trouble);
  }
  const { trace, fading, free } = band.how;
  const onlyGuides = guidedTogether && trace + fading + free === 0;
  for (const [i, subject] of onlyGuides ? [] : subjects.entries()) {
    const own = written(kind.together ? unguided(band) : band, ground, place, subject, {
      title: i === 0 && parts.length === 0 ? title : undefined,
      kind,
    });
    parts.push(...own.parts);
    troubles.push(...own.trouble);
  }
  if (parts.length === 0) parts.push(headingPart(title, place, troubles));
  return { parts, trouble: troubles };
}
