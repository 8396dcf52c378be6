import type { Metadata } from 'next';
import { OTHER_PAGES } from '@/ui/stations/stations';

export const metadata: Metadata = { title: OTHER_PAGES.enter.name };
export const dynamic = 'force-dynamic';

type Search = Promise<Record<string, string | string[] | undefined>>;

/** Asks for the passphrase of a server that others share. */
export default async function EnterPage({ searchParams }: { searchParams: Search }) {
  const { wrong, wait } = await searchParams;
  return (
    <div className="mx-auto max-w-sm px-6 py-12">
      <h1 className="mb-4 font-serif text-2xl">This desk is shared</h1>
      <form method="post" action="/api/enter" className="space-y-3">
        <label className="block text-sm">
          Passphrase
          <input
            type="password"
            name="passphrase"
            className="input mt-1 block w-full"
            autoComplete="current-password"
            required
          />
        </label>
        {wrong && (
          <p role="alert" className="remark remark-warning text-sm">
            That is not it. Whoever runs this server knows the passphrase.
          </p>
        )}
        {wait && (
          <p role="alert" className="remark remark-warning text-sm">
            Too many wrong ones; wait a minute.
          </p>
        )}
        <button type="submit" className="btn btn-primary">
          Enter
        </button>
      </form>
    </div>
  );
}
