import type { Metadata } from 'next';
import { Link } from '@/ui/lib/Link';

export const metadata: Metadata = { title: 'Nothing here' };

/** An address that leads nowhere: what there is instead. */
export default function NotFound() {
  return (
    <div className="mx-auto max-w-prose px-6 py-12">
      <h1 className="text-2xl">There is nothing at this address</h1>
      <p className="mt-2">
        Perhaps a letter of it is missing, or its sheet was deleted. Nothing is lost: everything you have
        ruled is on the{' '}
        <Link className="link" href="/shelf">
          shelf
        </Link>
        , and a new sheet begins with choosing a{' '}
        <Link className="link" href="/hand">
          hand
        </Link>
        .
      </p>
    </div>
  );
}
