import { writtenTitle } from './writtenTitle';

/**
 * A word written by our own pen: the wordmark and the titles of stations. Read out as plain text. Its picture is a file that browsers
 * keep: as paths in the page it made up two thirds of every page, and of the time to draw one on the server.
 */
export async function Written({ text, height }: { text: string; height: number }) {
  const title = await writtenTitle(text);
  if (!title) return text;
  const picture = `url("/api/titles/${encodeURIComponent(text)}?v=${title.version}")`;
  return (
    <>
      <span className="sr-only">{text}</span>
      <span
        className="written"
        style={{ height, aspectRatio: title.proportion, maskImage: picture }}
        aria-hidden="true"
      />
    </>
  );
}
