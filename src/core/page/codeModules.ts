import { create } from 'qrcode';
import type { CodeModules } from './marks';
import { codeText, type PageCode } from './pageCode';

/** The code's modules, ready to be drawn. @throws where the text is longer than any code holds. */
export function codeModules(code: PageCode): CodeModules {
  const { size, data } = create(codeText(code), { errorCorrectionLevel: 'M' }).modules;
  return { size, dark: (row, column) => data[row * size + column] === 1 };
}
