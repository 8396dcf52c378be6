import type { ReactNode } from 'react';
import { ANATOMIES, type Anatomy } from '@/core/kit/parts';
import { Link } from '@/ui/lib/Link';

/** Height of letters on the drawings, and room for names beside them, in mm of the thing. */
const LETTERS = 2.6;
const AROUND = 7;
const NAME_UP = 0.9;

/** Tools drawn with the names of their parts; words elsewhere in the application lead to a part by its id. */
export function PartsPage({ title }: { title: ReactNode }) {
  return (
    <div className="mx-auto max-w-5xl space-y-8 px-6 py-5 max-sm:px-3">
      <header>
        <Link href="/bench" className="link no-print text-sm">
          To the bench
        </Link>
        <h1>{title}</h1>
        <p className="max-w-prose">
          Names of the parts of pens, as they are used everywhere here. A word with dots under it leads to its
          part.
        </p>
      </header>
      {ANATOMIES.map((tool) => (
        <section
          key={tool.id}
          aria-labelledby={tool.id}
          className="grid grid-cols-[minmax(0,1fr)] items-start gap-x-8 gap-y-2 break-inside-avoid md:grid-cols-2"
        >
          <div>
            <h2 id={tool.id} className="margin-heading">
              {tool.name}
            </h2>
            <Drawn tool={tool} />
          </div>
          <dl className="grid grid-cols-[6rem_minmax(0,1fr)] gap-x-3 gap-y-1 text-sm md:pt-8">
            {tool.parts.map(({ id, name, does }) => (
              <div
                key={id}
                id={id}
                className="col-span-2 grid scroll-mt-4 grid-cols-subgrid rounded px-2 py-1 target:bg-base-200 target:outline-2 target:outline-primary"
              >
                <dt className="font-bold">{name}</dt>
                <dd>{does}</dd>
              </div>
            ))}
          </dl>
        </section>
      ))}
    </div>
  );
}

function Drawn({ tool: { name, width, reach, outlines, hidden = [], parts } }: { tool: Anatomy }) {
  return (
    <svg
      viewBox={`${-AROUND} ${-reach} ${width + 2 * AROUND} ${2 * reach}`}
      className="w-full max-w-xl"
      role="img"
      aria-label={`${name}: ${parts.map((part) => part.name).join(', ')}`}
    >
      <g fill="none" stroke="currentColor" strokeWidth="0.35" strokeLinejoin="round">
        {outlines.map((path) => (
          <path key={path} d={path} />
        ))}
        {hidden.map((path) => (
          <path key={path} d={path} strokeDasharray="1 0.7" />
        ))}
      </g>
      {parts.map(({ id, name: part, at: [x, y], label: [lx, ly] }) => (
        <g key={id}>
          <line
            x1={x}
            y1={y}
            x2={lx}
            y2={ly > 0 ? ly - LETTERS : ly + NAME_UP}
            className="stroke-accent"
            strokeWidth="0.2"
          />
          <circle cx={x} cy={y} r="0.4" className="fill-accent" />
          <text x={lx} y={ly} fontSize={LETTERS} textAnchor="middle" fill="currentColor">
            {part}
          </text>
        </g>
      ))}
    </svg>
  );
}
