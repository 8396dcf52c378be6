'use client';

import { Download, FileUp } from 'lucide-react';
import { useRef } from 'react';
import { Problem } from '@/core/sheet/problem';
import { parseRecipe, type Recipe } from '@/core/sheet/recipe';
import { useNotice } from '../frame/notices';
import { download, sentenceOf } from '../lib/api';
import { FILE_FORMATS, type PageFilesState } from './usePageFiles';
import { Working } from './Working';

/** A page recipe is some ten kB at most. */
const LARGEST_FILE = 64 * 1024;

/** The page on paper and as a recipe, out and in. */
export function PageFiles({
  files: { busy, save, cancel },
  printer,
  recipe,
  onImport,
}: {
  files: PageFilesState;
  printer: string | null;
  recipe: Recipe;
  onImport: (change: (recipe: Recipe) => Recipe) => void;
}) {
  const input = useRef<HTMLInputElement>(null);
  const notice = useNotice();
  const importFile = async (file: File) => {
    try {
      if (file.size > LARGEST_FILE) {
        throw new Problem(
          'file',
          `“${file.name}” is too large for a recipe; at most ${LARGEST_FILE / 1024} kB.`,
        );
      }
      const read = parseRecipe(readJson(await file.text(), file.name));
      onImport(() => read);
    } catch (error) {
      notice({ tone: 'problem', text: sentenceOf(error) });
    }
  };
  return (
    <section aria-labelledby="files">
      <h2 id="files" className="margin-heading">
        Take it to paper
      </h2>
      <div className="mt-1 flex flex-wrap gap-1">
        {FILE_FORMATS.map((format) => (
          <button
            key={format}
            type="button"
            className={`btn btn-sm ${format === 'pdf' ? 'btn-primary' : ''}`}
            disabled={busy !== null}
            onClick={() => void save(format)}
          >
            {format === 'pdf' && <Download size={14} aria-hidden />}
            {format.toUpperCase()}
          </button>
        ))}
        <button
          type="button"
          className="btn btn-sm"
          onClick={() =>
            download(new Blob([JSON.stringify(recipe, null, 2)], { type: 'application/json' }), 'page.json')
          }
        >
          Recipe
        </button>
        <input
          ref={input}
          type="file"
          accept="application/json,.json"
          className="hidden"
          aria-label="Page recipe file"
          onChange={({ target }) => {
            const file = target.files?.[0];
            target.value = '';
            if (file) void importFile(file);
          }}
        />
        <button type="button" className="btn btn-sm" onClick={() => input.current?.click()}>
          <FileUp size={14} aria-hidden /> Open a recipe
        </button>
      </div>
      {busy && <Working what={`Drawing the ${busy.toUpperCase()}`} onCancel={cancel} />}
      <p className="mt-1 text-sm opacity-80">
        {printer ? `PDF is corrected for ${printer}.` : 'Print at 100 %, then measure the check bars.'} The
        PDF has every sheet; SVG and PNG the one in sight.
      </p>
    </section>
  );
}

function readJson(text: string, name: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    throw new Problem('file', `“${name}” is not a recipe: it is not readable JSON.`);
  }
}
