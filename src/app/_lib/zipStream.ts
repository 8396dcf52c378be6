import 'server-only';
import { setImmediate } from 'node:timers/promises';
import { strToU8, Zip, ZipDeflate, ZipPassThrough } from 'fflate';

/** Adds text, or the bytes of a picture, to a file of the zip; a new name begins a new file. */
export type AddPart = (name: string, part: string | Uint8Array) => Promise<void>;

/** Compression level of text, 0 to 9; a low level is enough. Pictures do not shrink and are stored uncompressed. */
const LEVEL = 1;

/** Range of years in a zip (its format counts from 1980 in seven bits, and its library ends with 2099). */
const ZIP_YEARS = { first: 1980, last: 2099 } as const;

/** A time clamped to the range of a zip: a wrong clock must not stop a backup. */
export function inZip(now: Date): Date {
  const year = Math.min(ZIP_YEARS.last, Math.max(ZIP_YEARS.first, now.getFullYear() || ZIP_YEARS.first));
  return year === now.getFullYear() ? now : new Date(year, 0, 2);
}

/**
 * A zip made as fast as it is read: `fill` waits whenever the reader is behind, and is ended by an error when the reader
 * leaves.
 */
export function zipStream(fill: (add: AddPart) => Promise<void>): ReadableStream<Uint8Array> {
  const { readable, writable } = new TransformStream<Uint8Array, Uint8Array>();
  const writer = writable.getWriter();
  const made: Uint8Array[] = [];
  const zip = new Zip((error, data) => {
    if (error) throw error;
    made.push(data);
  });
  const send = async () => {
    for (const data of made.splice(0)) {
      await writer.ready;
      await writer.write(data);
    }
  };
  let open: { name: string; file: ZipDeflate | ZipPassThrough } | undefined;
  const close = () => open?.file.push(new Uint8Array(), true);
  const add: AddPart = async (name, part) => {
    const isText = typeof part === 'string';
    if (open?.name !== name) {
      close();
      open = { name, file: isText ? new ZipDeflate(name, { level: LEVEL }) : new ZipPassThrough(name) };
      open.file.mtime = inZip(new Date());
      zip.add(open.file);
    }
    open.file.push(isText ? strToU8(part) : part);
    await send();
    // Yield to the event loop between chunks.
    await setImmediate();
  };
  fill(add)
    .then(async () => {
      close();
      zip.end();
      await send();
      await writer.close();
    })
    .catch((error) => writer.abort(error).catch(() => undefined));
  return readable;
}
