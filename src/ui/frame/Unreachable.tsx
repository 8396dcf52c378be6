'use client';

/** What stands where a page could not be made. */
export function Unreachable({ again }: { again: () => void }) {
  return (
    <div role="alert" className="mx-auto max-w-prose px-6 py-12">
      <title>Elvane cannot show this</title>
      <h1 className="font-serif text-2xl">This page could not be made</h1>
      <p className="mt-2">
        The database may be away, or its disk full. What was kept is safe, and what you typed stays in this
        window until it can be kept; nothing is lost by waiting.
      </p>
      <p className="mt-4 flex gap-3">
        <button type="button" className="btn btn-primary" onClick={again}>
          Try again
        </button>
        <a className="btn btn-ghost" href="/api/health">
          What is wrong
        </a>
      </p>
    </div>
  );
}
