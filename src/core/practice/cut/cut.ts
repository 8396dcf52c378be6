import type { Band, WhatKind } from '../band';
import type { Ground } from '../ground';
import { subjectsOf } from '../subjects';
import { emptyRuling } from './emptyRuling';
import { gathered } from './gathered';
import { headingPiece, manner } from './heading';
import { picture } from './pictureBand';
import type { Cutting, Piece, Setting } from './piece';
import { LEAD, ladderOf, padOf } from './row';
import { written } from './written';

const unguided = (band: Band): Band => ({ ...band, how: { ...band.how, guided: false } });

/** Bands of several letters or shapes, which are shown together before they are practised. */
const SEVERAL: readonly WhatKind[] = ['family', 'letters', 'shapes'];

/** Cuts a band into pieces that fit the frames. */
export function cut(band: Band, ground: Ground, setting: Setting): Cutting {
  if (band.what.kind === 'ruling') return emptyRuling(band, ground, setting);
  if (band.what.kind === 'picture') return picture(band, ground, setting);
  const room = setting.width - ladderOf(ground, setting) - LEAD - padOf(ground);
  const { heading, subjects, trouble } = subjectsOf(ground, band, room);
  const troubles = [...trouble];
  const pieces: Piece[] = [];
  const title = { name: heading, more: manner(band, ground) };
  const several = SEVERAL.includes(band.what.kind);
  if (several && band.how.guided && subjects.length > 0) {
    const guides = gathered(band, ground, setting, subjects, title);
    pieces.push(...guides.pieces);
    troubles.push(...guides.trouble);
  }
  const { trace, fading, free } = band.how;
  const onlyGuides = several && band.how.guided && trace + fading + free === 0;
  for (const [i, subject] of onlyGuides ? [] : subjects.entries()) {
    const own = written(several ? unguided(band) : band, ground, setting, subject, {
      title: i === 0 && pieces.length === 0 ? title : undefined,
    });
    pieces.push(...own.pieces);
    troubles.push(...own.trouble);
  }
  if (pieces.length === 0) pieces.push(headingPiece(title, setting, troubles));
  return { pieces, trouble: troubles };
}
