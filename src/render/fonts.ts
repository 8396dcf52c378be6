import { join } from 'node:path';
import type { FontStyle } from '@/core/drawing/drawing';

const FOLDER = join(
  /* turbopackIgnore: true */ process.cwd(),
  'node_modules',
  '@expo-google-fonts',
  'alegreya-sans',
);

/** TrueType files of the sheet's face: PDF embeds a subset of them, PNG draws with them. */
export const FONT_FILES: Readonly<Record<FontStyle, string>> = {
  regular: join(FOLDER, '400Regular', 'AlegreyaSans_400Regular.ttf'),
  bold: join(FOLDER, '700Bold', 'AlegreyaSans_700Bold.ttf'),
};
