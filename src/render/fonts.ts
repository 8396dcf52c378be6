import { join } from 'node:path';
import { type Font, openSync } from 'fontkit';
import type { FontStyle } from '@/core/drawing/drawing';

const FONTS = join(/* turbopackIgnore: true */ process.cwd(), 'node_modules', '@expo-google-fonts');

/** TrueType files of the sheet's face: PDF embeds a subset of them, PNG draws with them. */
export const FONT_FILES: Readonly<Record<FontStyle, string>> = {
  regular: join(FONTS, 'alegreya-sans', '400Regular', 'AlegreyaSans_400Regular.ttf'),
  bold: join(FONTS, 'alegreya-sans', '700Bold', 'AlegreyaSans_700Bold.ttf'),
};

/** The same for lettering in Arabic, which the sheet's face has not. */
export const ARABIC_FILES: Readonly<Record<FontStyle, string>> = {
  regular: join(FONTS, 'amiri', '400Regular', 'Amiri_400Regular.ttf'),
  bold: join(FONTS, 'amiri', '700Bold', 'Amiri_700Bold.ttf'),
};

const opened = new Map<string, Font>();

/** A face of a file, read once: its tables take longer to read than most sheets take to draw. */
export function openedFont(file: string): Font {
  const known = opened.get(file);
  if (known) return known;
  const font = openSync(file);
  if (!('layout' in font)) throw new TypeError(`${file} holds several faces.`);
  opened.set(file, font);
  return font;
}

/** Has this lettering Arabic letters in it? */
export const isArabic = (text: string): boolean => /\p{Script=Arabic}/u.test(text);
