'use client';

import type { Recipe } from '@/core/document/recipe';
import { FileButton } from '../fields/FileButton';
import { useNotice } from '../frame/notices';
import { downloadJson } from '../lib/api';
import { FormatButtons, printerWords } from '../paper/FormatButtons';
import { OnLarge } from '../paper/OnLarge';
import type { PageFilesState } from './usePageFiles';
import { Working } from './Working';

/** The page on paper and as a recipe, out and in. */
export function PageFiles({
  files: { busy, save, cancel, onA4, setOnA4 },
  printer,
  recipe,
  onImport,
}: {
  files: PageFilesState;
  printer: string | null;
  recipe: Recipe;
  onImport: (change: (recipe: Recipe) => Recipe) => void;
}) {
  const notice = useNotice();
  const importFile = async (file: File) => {
    try {
      const { readRecipeFile } = await import('../lib/recipeFile');
      const read = await readRecipeFile(file);
      onImport(() => read);
    } catch (error) {
      notice.failed(error);
    }
  };
  return (
    <section aria-labelledby="files">
      <h2 id="files" className="margin-heading">
        Print or save
      </h2>
      <div className="mt-1 flex flex-wrap gap-1">
        <FormatButtons onSave={(out) => void save(out)} disabled={busy !== null} />
        <button type="button" className="btn btn-sm" onClick={() => downloadJson(recipe, 'page.json')}>
          Page file
        </button>
        <FileButton
          label="Saved page"
          accept="application/json,.json"
          onFile={(file) => void importFile(file)}
        >
          Open a saved page
        </FileButton>
      </div>
      {busy && (
        <Working
          what={busy === 'paper' ? 'Drawing the page' : `Drawing the ${busy.toUpperCase()}`}
          onCancel={cancel}
        />
      )}
      <OnLarge sheet={recipe.paper} on={onA4} onSwitch={setOnA4} />
      <p className="mt-1 text-sm opacity-80">
        {printerWords(printer)} The PDF has every sheet; SVG and PNG the one shown.
      </p>
    </section>
  );
}
