import { z } from 'zod';

/** What the process that reads a PDF (`pdfChild.ts`) says, as a line of JSON; a picture's bytes follow, one a pixel. */
export const pdfAnswerSchema = z.discriminatedUnion('said', [
  z.object({ said: z.literal('picture'), width: z.int().min(1), height: z.int().min(1) }),
  z.object({ said: z.literal('problem'), message: z.string() }),
]);
export type PdfAnswer = z.infer<typeof pdfAnswerSchema>;
