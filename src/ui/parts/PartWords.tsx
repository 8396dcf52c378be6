import { partsIn } from '@/core/kit/partWords';
import { Link } from '@/ui/lib/Link';

/** A sentence in which the names of parts of tools lead to their drawing. */
export function PartWords({ children }: { children: string }) {
  return partsIn(children).map(({ text, part }) =>
    part ? (
      <Link
        key={part}
        href={`/parts#${part}`}
        className="underline decoration-dotted underline-offset-2 hover:decoration-solid"
      >
        {text}
      </Link>
    ) : (
      text
    ),
  );
}
