import { createServer } from 'node:http';
import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import next from 'next';

/** Only this machine is answered, unless further hosts are named; those are asked for a passphrase (docs/class.md). */
const HOSTNAME = process.env.ELVANE_HOSTS?.trim() ? '0.0.0.0' : '127.0.0.1';
/** A proxy in front of this server says whom it forwards for (docs/class.md). */
const BEHIND_A_PROXY = process.env.ELVANE_PROXY === '1';
/** A request that is not all there after this is ended, in ms; a head after half of it. */
const UNFINISHED = 30_000;
/** Methods that something here answers. */
const METHODS = ['GET', 'HEAD', 'OPTIONS', 'POST', 'PUT', 'PATCH', 'DELETE'];
/** Answers under way may end when the server is asked to stop, for so long, in ms. */
const STOPPING = 5_000;

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

function refuse(response, status, message, headers = {}) {
  response.writeHead(status, { 'Content-Type': 'application/json', Connection: 'close', ...headers });
  response.end(JSON.stringify({ error: { message } }));
}

/** An address on this server: its path, and nothing else. */
function isReadable(url) {
  if (!url.startsWith('/')) return false;
  try {
    decodeURIComponent(url.split('?', 1)[0]);
    return true;
  } catch {
    return false;
  }
}

/**
 * The built application in this process: ended with it, whatever ends it. What the framework cannot read (methods it does not
 * know, addresses that are none) is refused before it gets there.
 */
export async function serve(port) {
  const app = next({ dev: false, hostname: HOSTNAME, port: Number(port) });
  await app.prepare();
  const handle = app.getRequestHandler();
  const noteRequest = quietCollector();
  const server = createServer(
    { requestTimeout: UNFINISHED, headersTimeout: UNFINISHED / 2, connectionsCheckingInterval: 5_000 },
    (request, response) => {
      noteRequest();
      if (!METHODS.includes(request.method ?? '')) {
        return refuse(response, 405, 'This method is not known here.', { Allow: METHODS.join(', ') });
      }
      if (!isReadable(request.url ?? '')) return refuse(response, 400, 'This address cannot be read.');
      // Whom a request comes from is the machine that sent it, unless something in front is configured to say so.
      if (!BEHIND_A_PROXY) delete request.headers['x-forwarded-for'];
      return handle(request, response);
    },
  );
  // Nothing here speaks over web sockets: unanswered, each would keep its descriptor for good.
  server.on('upgrade', (_request, socket) => socket.destroy());
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
