export const dynamic = 'force-dynamic';

/** Says that the process answers, whatever its database does (`/api/health` says whether it is ready). */
export const GET = () => Response.json({ status: 'ok' });
