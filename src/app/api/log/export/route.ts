import papa from 'papaparse';
import { z } from 'zod';
import { file } from '@/app/_lib/files';
import { answer, parse } from '@/app/_lib/http';
import { handById } from '@/core/hands/registry';
import { LOG_COLUMNS, type LoggedSession, sessionRow } from '@/core/log/sessionCsv';
import { allSessions } from '@/store/logbook';
import { calendarOf } from '@/ui/lib/calendar';

export const dynamic = 'force-dynamic';

const formatSchema = z.enum(['csv', 'json', 'ics'], { error: () => 'must be csv, json or ics' });

async function* csv(): AsyncGenerator<string> {
  yield `${papa.unparse([[...LOG_COLUMNS]])}\r\n`;
  for await (const part of allSessions()) {
    if (part.length > 0) yield `${papa.unparse(part.map(sessionRow))}\r\n`;
  }
}

async function* json(): AsyncGenerator<string> {
  yield '{"format":"elvane-log","version":1,"sessions":[';
  let first = true;
  for await (const part of allSessions()) {
    for (const one of part) {
      yield `${first ? '' : ','}\n${JSON.stringify(one)}`;
      first = false;
    }
  }
  yield '\n]}\n';
}

async function whole(): Promise<LoggedSession[]> {
  const all: LoggedSession[] = [];
  for await (const part of allSessions()) all.push(...part);
  return all;
}

/** A file in parts, each made when the one before has gone. */
const streamed = (parts: AsyncGenerator<string>): ReadableStream<Uint8Array> => {
  const encoder = new TextEncoder();
  return new ReadableStream({
    async pull(controller) {
      const { value, done } = await parts.next();
      if (done) controller.close();
      else controller.enqueue(encoder.encode(value));
    },
    async cancel() {
      await parts.return(undefined);
    },
  });
};

/** The sessions of the logbook: `GET /api/log/export?format=csv|json|ics`. */
export const GET = (request: Request) =>
  answer(request, async () => {
    const format = parse(formatSchema, new URL(request.url).searchParams.get('format'));
    switch (format) {
      case 'csv':
        return file(streamed(csv()), 'text/csv; charset=utf-8', 'logbook.csv');
      case 'json':
        return file(streamed(json()), 'application/json', 'logbook.json');
      case 'ics': {
        const events = (await whole()).map(({ session }) => ({
          title: `${handById(session.hand).name}: ${Math.round(session.minutes)} minutes`,
          start: new Date(session.began),
          end: new Date(session.ended),
        }));
        return file(calendarOf(events), 'text/calendar', 'logbook.ics');
      }
    }
  });
