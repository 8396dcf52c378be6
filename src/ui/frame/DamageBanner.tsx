import { Link } from '@/ui/lib/Link';

/** Banner on every page, until dismissed: the database was damaged and the desk began empty. */
export function DamageBanner() {
  return (
    <p role="alert" className="remark remark-warning m-3">
      The database was damaged when the server started: it was put aside, and this desk began empty.{' '}
      <Link href="/workshop#backup" className="link">
        See what can be restored
      </Link>
    </p>
  );
}
