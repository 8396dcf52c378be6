import 'server-only';
import { setImmediate } from 'node:timers/promises';
import { strToU8, Zip, ZipDeflate } from 'fflate';

/** Adds text to a file of the zip; a new name begins a new file. */
export type AddText = (name: string, text: string) => Promise<void>;

/** How hard zips are packed, 0 to 9: photos hardly shrink, and text shrinks at once. */
const LEVEL = 1;

/**
 * A zip made as fast as it is read: `fill` waits whenever the reader is behind, and is ended by an error when the reader
 * leaves.
 */
export function zipStream(fill: (add: AddText) => Promise<void>): ReadableStream<Uint8Array> {
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
  let open: { name: string; file: ZipDeflate } | undefined;
  const close = () => open?.file.push(new Uint8Array(), true);
  const add: AddText = async (name, text) => {
    if (open?.name !== name) {
      close();
      open = { name, file: new ZipDeflate(name, { level: LEVEL }) };
      zip.add(open.file);
    }
    open.file.push(strToU8(text));
    await send();
    // Others are served between two pieces.
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
