import { download } from './api';

/** Time that a page stays loaded for the print dialogue, in ms: no event says when it closes. */
const KEPT = 10 * 60 * 1000;

/**
 * Gives a PDF to the browser's own print dialogue, as it is: no margins, no scaling of ours. Where the browser shows no PDFs it goes
 * to the downloads. Answers which of the two.
 */
export async function printPdf(pdf: Blob, name: string): Promise<'dialogue' | 'downloads'> {
  if (!navigator.pdfViewerEnabled) {
    download(pdf, name);
    return 'downloads';
  }
  const url = URL.createObjectURL(pdf);
  const frame = document.createElement('iframe');
  // Hidden, but laid out: one that is not displayed is not printed.
  Object.assign(frame.style, { position: 'fixed', width: '1px', height: '1px', opacity: '0', border: '0' });
  frame.title = 'Page to print';
  frame.ariaHidden = 'true';
  frame.tabIndex = -1;
  const shown = new Promise<void>((done) => frame.addEventListener('load', () => done(), { once: true }));
  frame.src = url;
  document.body.append(frame);
  setTimeout(() => {
    frame.remove();
    URL.revokeObjectURL(url);
  }, KEPT);
  await shown;
  try {
    frame.contentWindow?.focus();
    frame.contentWindow?.print();
    return 'dialogue';
  } catch {
    download(pdf, name);
    return 'downloads';
  }
}
