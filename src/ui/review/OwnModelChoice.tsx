'use client';

import { Star } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { type OwnModel, ownModelId } from '@/core/review/ownModel';
import { useGuarded } from '../frame/useGuarded';
import { callUntilKept } from '../lib/patience';
import { LetterPicture } from './LetterPicture';

/** White round a letter, in mm. */
const AROUND = 2;

/** The scribe's own best letter beside the one that is looked at, which can take its place. */
export function OwnModelChoice({ letter, own }: { letter: OwnModel; own: OwnModel | undefined }) {
  const router = useRouter();
  const { busy, guarded } = useGuarded();
  const address = `/api/records/${ownModelId(letter.hand, letter.text)}`;
  const isIt = own?.picture === letter.picture && own.box.join() === letter.box.join();
  const keep = () =>
    guarded(async () => {
      await callUntilKept(address, { method: 'PUT', json: { kind: 'model', data: letter } });
      router.refresh();
    });
  const forget = () =>
    guarded(async () => {
      await callUntilKept(address, { method: 'DELETE' });
      router.refresh();
    });
  return (
    <div className="flex flex-wrap items-center gap-3 text-sm" data-testid="own-model">
      {own && (
        <LetterPicture
          of={own}
          around={AROUND}
          title={`Your model of ${own.text}`}
          className="h-20 rounded"
        />
      )}
      <p className="mr-auto">
        {own
          ? isIt
            ? 'This is your own model.'
            : `Your own model of ${own.text}.`
          : 'Is this your best? Keep it, and see it beside those you write next.'}
      </p>
      {!isIt && (
        <button type="button" className="btn btn-sm" disabled={busy} onClick={() => void keep()}>
          <Star size={16} aria-hidden /> Keep as my model
        </button>
      )}
      {own && (
        <button type="button" className="btn btn-ghost btn-sm" disabled={busy} onClick={() => void forget()}>
          Forget it
        </button>
      )}
    </div>
  );
}
