import { createServer } from 'node:http';
import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import next from 'next';
// Bundled beside the build by scripts/bundle.mjs.
import { ALWAYS, judge, METHODS } from '../.next/guard/guard.mjs';
import { inTurn } from '../.next/guard/inTurn.mjs';

/** Only this machine is answered, unless further hosts are named; those are asked for a passphrase (docs/class.md). */
const HOSTNAME = process.env.ELVANE_HOSTS?.trim() ? '0.0.0.0' : '127.0.0.1';
/** A proxy in front of this server says whom it forwards for (docs/class.md). */
const BEHIND_A_PROXY = process.env.ELVANE_PROXY === '1';
/** A request that is not all there after this is ended, in ms; a head after half of it. */
const UNFINISHED = 30_000;
/** Answers under way may end when the server is asked to stop, for so long, in ms. */
const STOPPING = 5_000;

/** Pages drawn at once, and how long one may hold up the next, in ms. */
const PAGES_AT_ONCE = 2;
const PAGE_TAKES = 1_000;
/** What is no page: routes of data, and files of the build. */
const NO_PAGE = /^\/(api|_next)\//;

/** Memory is given back once nobody has asked for anything for `QUIET`, looked at that often, and not oftener than every `APART`, in ms. */
const QUIET = 5_000;
const APART = 30_000;

/**
 * Gives memory back in quiet moments: on a machine that has plenty, the collector of a server nobody asks anything would leave
 * half a GB where it is. Answers what is told of each request.
 */
function quietCollector() {
  setFlagsFromString('--expose-gc');
  const collect = runInNewContext('gc');
  let [asked, last, collected] = [false, 0, 0];
  setInterval(() => {
    const now = Date.now();
    if (!asked || now - last < QUIET || now - collected < APART) return;
    asked = false;
    collected = now;
    collect();
  }, QUIET).unref();
  return () => {
    asked = true;
    last = Date.now();
  };
}

/** Whether this process lives is told at once, whatever it is doing besides. */
const LIVE = '/api/health/live';

function tellAlive(response) {
  response.writeHead(200, { 'Content-Type': 'application/json', 'Cache-Control': 'no-store' });
  response.end(JSON.stringify({ status: 'ok' }));
}

const METHOD_NOT_ALLOWED = 405;
const SEE_OTHER = 303;

/** Answers what the guard does not let in; the body, read by nobody, ends with its connection. */
function turnAway(response, verdict) {
  if (verdict.kind === 'sent on') {
    response.writeHead(SEE_OTHER, { Location: verdict.to, Connection: 'close' });
    return response.end();
  }
  const allow = verdict.status === METHOD_NOT_ALLOWED ? { Allow: METHODS.join(', ') } : {};
  response.writeHead(verdict.status, { 'Content-Type': 'application/json', Connection: 'close', ...allow });
  response.end(JSON.stringify({ error: { message: verdict.message } }));
}

/** The application in this process, built or (`dev`) from its sources: ended with it, whatever ends it. The guard judges what comes in. */
export async function serve(port, { dev = false } = {}) {
  const app = next({ dev, hostname: HOSTNAME, port: Number(port) });
  await app.prepare();
  const handle = app.getRequestHandler();
  const noteRequest = quietCollector();
  const pages = inTurn(PAGES_AT_ONCE, PAGE_TAKES);
  const server = createServer(
    { requestTimeout: UNFINISHED, headersTimeout: UNFINISHED / 2, connectionsCheckingInterval: 5_000 },
    (request, response) => {
      noteRequest();
      for (const [name, value] of Object.entries(ALWAYS)) response.setHeader(name, value);
      const verdict = judge(request);
      if (verdict.kind !== 'let in') return turnAway(response, verdict);
      if (verdict.url === LIVE) return tellAlive(response);
      request.url = verdict.url;
      // The framework reads the number of its own scripts off the request's policy.
      request.headers['content-security-policy'] = verdict.policy;
      response.setHeader('Content-Security-Policy', verdict.policy);
      // Whom a request comes from is the machine that sent it, unless something in front is configured to say so.
      if (!BEHIND_A_PROXY) delete request.headers['x-forwarded-for'];
      if (NO_PAGE.test(verdict.url)) return handle(request, response);
      pages(response, () => handle(request, response));
    },
  );
  // Nothing here speaks over web sockets: unanswered, each would keep its descriptor for good.
  // From its sources, the framework tells pages of changes in that way.
  if (!dev) server.on('upgrade', (_request, socket) => socket.destroy());
  const stop = () => {
    server.close(() => process.exit(0));
    server.closeIdleConnections();
    setTimeout(() => process.exit(0), STOPPING).unref();
  };
  process.once('SIGTERM', stop).once('SIGINT', stop);
  await new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(Number(port), HOSTNAME, resolve);
  });
}
