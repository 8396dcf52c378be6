import sharp from 'sharp';
import type { Habits } from '@/core/camera/habits';
import { inked, photograph, type Shot, withNoise } from '@/core/camera/photograph';
import { duePage, piecePage, ruledPage, type WritablePage } from '@/core/camera/writable';
import { type WrittenRow, writePage } from '@/core/camera/writePage';
import { composedAgain, drawKept, isPiece, type KeptPage } from '@/core/document/keptPage';
import { laidAgain } from '@/core/document/keptPiece';
import type { FaultMaker } from '@/core/faults/misshapen';
import type { PageCode } from '@/core/page/pageCode';
import { Problem } from '@/core/problem/problem';
import { PIXELS_PER_MM } from '@/core/register/pageMap';
import { renderPixels } from '@/render/png';
import type { CameraJob } from '../job';
import type { Step } from '../step';

const DPI = 300;
/** A blur under this, in pixels, is none. */
const LEAST_BLUR = 0.3;

/** A page as it was taken: a JPEG, and what was written on it in truth. */
export interface Taken {
  readonly jpeg: Buffer;
  readonly rows: readonly WrittenRow[];
}

/** Prints a kept page, has a made-up hand write on it, and takes a picture of it. */
export async function take(
  page: KeptPage,
  code: PageCode,
  habits: Habits,
  shot: Shot,
  maker?: FaultMaker,
): Promise<Taken> {
  const written = writableOf(page);
  if (written.rows.length === 0) {
    throw new Problem(
      'page',
      'This hand has no letters here yet: the simulated hand cannot write on the page.',
    );
  }
  const { data: opaque, ...size } = renderPixels(drawKept(page, code), DPI);
  const data = await sharp(opaque, { raw: { ...size, channels: 4 } })
    .removeAlpha()
    .raw()
    .toBuffer();
  const { ink, rows } = writePage(written, habits, PIXELS_PER_MM, maker);
  const paper = inked({ ...size, data }, ink);
  const shape = { width: shot.width, height: shot.height, channels: 3 } as const;
  const seen = sharp(photograph(paper, PIXELS_PER_MM, shot).data, { raw: shape });
  const blurred = await (shot.blur > LEAST_BLUR ? seen.blur(shot.blur) : seen).raw().toBuffer();
  withNoise({ ...shape, data: blurred }, shot);
  return { jpeg: await sharp(blurred, { raw: shape }).jpeg({ quality: 82 }).toBuffer(), rows };
}

/** What there is to write on a page. */
function writableOf(page: KeptPage): WritablePage {
  if (isPiece(page)) return piecePage(laidAgain(page));
  const composed = composedAgain(page);
  return composed ? duePage(composed, page.index) : ruledPage(page.sheet, page.own);
}

/** The simulated camera as a job: one step, a JPEG. */
export async function* cameraSteps({ page, code, habits, shot }: CameraJob): AsyncGenerator<Step, void> {
  const { jpeg } = await take(page, code, habits, shot);
  yield { stage: 'drawing', done: 1, of: 1, bytes: [jpeg] };
}
