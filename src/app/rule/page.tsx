import type { Metadata } from 'next';
import { HAND_IDS, handById } from '@/core/hands/registry';
import { freshRecipe } from '@/core/sheet/defaults';
import { parseRecipe, type Recipe } from '@/core/sheet/recipe';
import { listNibs } from '@/store/nibs';
import { selectedPrinter } from '@/store/printers';
import { findSheet, listSheets, type StoredSheet } from '@/store/sheets';
import { usualName } from '@/ui/lib/usualName';
import { RuleStation } from '@/ui/rule/RuleStation';
import { unpackRecipe } from '@/ui/rule/recipeUrl';
import { idSchema } from '../_lib/http';

export const metadata: Metadata = { title: 'Rule' };
export const dynamic = 'force-dynamic';

type Search = Promise<Record<string, string | string[] | undefined>>;

/** Opens, in this order: a fresh sheet of the hand asked for, the sheet of the address, the latest on the shelf. */
export default async function RulePage({ searchParams }: { searchParams: Search }) {
  const search = await searchParams;
  const text = (key: string) => (typeof search[key] === 'string' ? search[key] : undefined);
  const opened = await open(text('sheet'), text('r'), text('hand'), text('school'));
  const [drawer, printer] = await Promise.all([listNibs(), selectedPrinter()]);
  return <RuleStation key={opened.id} {...opened} drawer={drawer} printer={printer?.name ?? null} />;
}

interface Opened {
  readonly id: string;
  readonly name: string;
  readonly recipe: Recipe;
}

async function open(sheetId?: string, packed?: string, hand?: string, school?: string): Promise<Opened> {
  const handId = HAND_IDS.find((id) => id === hand);
  if (handId) {
    const known = handById(handId).schools.find((candidate) => candidate.id === school);
    return fresh(freshRecipe(handId, known?.id));
  }
  const id = idSchema.safeParse(sheetId).data;
  const stored = id ? await findSheet(id) : undefined;
  const inAddress = unpackRecipe(packed);
  if (inAddress) {
    return { id: id ?? crypto.randomUUID(), name: stored?.name ?? usualName(inAddress), recipe: inAddress };
  }
  const sheet = stored ?? (await listSheets()).at(0);
  const recipe = sheet && readable(sheet);
  return sheet && recipe ? { id: sheet.id, name: sheet.name, recipe } : fresh(freshRecipe('italic'));
}

const fresh = (recipe: Recipe): Opened => ({ id: crypto.randomUUID(), name: usualName(recipe), recipe });

function readable(sheet: StoredSheet): Recipe | undefined {
  try {
    return parseRecipe(JSON.parse(sheet.recipe));
  } catch {
    return undefined;
  }
}
