import 'server-only';
import { withNib } from '@/core/document/chosenNib';
import { freshFor as freshOf } from '@/core/document/freshFor';
import { nibStrip } from '@/core/document/nibStrip';
import { parseRecipe, type Recipe } from '@/core/document/recipe';
import { type HandId, handById, isHand } from '@/core/hands/registry';
import { firstHandOf } from '@/core/kit/firstHand';
import { asNib } from '@/core/kit/item';
import { toolOf } from '@/core/kit/kinds/registry';
import { nibsFor } from '@/core/kit/nib';
import { lookUp } from '@/core/measure/lookUp';
import { Problem } from '@/core/problem/problem';
import { handOf } from '@/core/setting/handOf';
import { layoutSheet } from '@/core/sheet/layout';
import { findItem } from '@/store/items';
import { findLetterSet } from '@/store/letterSets';
import { listNibs } from '@/store/nibs';
import { findSheet, latestSheets, type StoredSheet, UNSAVED } from '@/store/sheets';
import { usualName } from '@/ui/lib/usualName';
import { unpackRecipe } from '@/ui/sheet/unpackRecipe';
import type { Opened } from '@/ui/sheet/useSheet';
import { findDesk, whoWrites } from './desk';
import { idSchema } from './http';

export type Search = Promise<Record<string, string | string[] | undefined>>;

/** A parameter of an address that is given once; undefined otherwise. */
export function textIn(search: Awaited<Search>, name: string): string | undefined {
  const value = lookUp(search, name);
  return typeof value === 'string' ? value : undefined;
}

/**
 * The sheet a station opens, in this order: the strip of the tool asked for, a fresh one of the hand asked for, the recipe or the sheet of the address,
 * the latest on the shelf.
 */
export async function openSheet(searchParams: Search): Promise<Opened> {
  const search = await searchParams;
  const text = (name: string) => textIn(search, name);
  const [sheetId, packed, hand, school, nib, strip] = ['sheet', 'r', 'hand', 'school', 'nib', 'strip'].map(
    text,
  );
  const ownStrip = strip === undefined ? undefined : await stripOf(strip);
  if (ownStrip) return fresh(ownStrip);
  if (hand !== undefined && isHand(hand)) {
    const known = handById(hand).schools.find((candidate) => candidate.id === school);
    return fresh(await ruledForDesk(hand, known?.id, nib));
  }
  const id = idSchema.safeParse(sheetId).data;
  const stored = id ? await findSheet(id) : undefined;
  const unpacked = unpackRecipe(packed);
  const inAddress = unpacked && canBeLaid(unpacked) ? unpacked : undefined;
  if (inAddress) {
    const name = stored?.name ?? usualName(inAddress);
    const revision = stored?.revision ?? UNSAVED;
    return { id: id ?? crypto.randomUUID(), name, recipe: inAddress, revision, inAddress: true };
  }
  const unreadable = stored && !readable(stored);
  const notice =
    sheetId !== undefined && !stored
      ? 'The sheet of this link is not on the shelf: it was deleted, or the link is broken. This is another one.'
      : unreadable
        ? `“${stored.name}” cannot be shown; it is no sheet for this station, or does not fit its paper. It stays on the shelf; this is another one.`
        : packed !== undefined
          ? 'The sheet in this link cannot be read: a part of the link is missing, or it was made by a later Elvane.'
          : undefined;
  const sheet = stored && !unreadable ? stored : await sheetOfDesk();
  const recipe = sheet && readable(sheet);
  return sheet && recipe
    ? { id: sheet.id, name: sheet.name, recipe, revision: sheet.revision, inAddress: false, notice }
    : { ...fresh(await ruledForDesk((await findDesk()).hand)), notice };
}

/** The latest sheet of the desk's hand; none where something else was done in another hand since. */
async function sheetOfDesk(): Promise<StoredSheet | undefined> {
  const { hand } = await findDesk();
  for await (const sheet of latestSheets()) {
    const recipe = parsed(sheet);
    if (recipe?.hand === hand && canBeLaid(recipe)) return sheet;
  }
  return undefined;
}

/** A fresh recipe on the scribe's own paper. */
const freshFor = async (hand: HandId, school?: string) => freshOf(await whoWrites(), hand, school);

/** A fresh sheet of a hand in the scribe's own shapes, for the nib asked for, else that of the kit chosen for the hand. */
const ruledForDesk = async (hand: HandId, school?: string, nib?: string): Promise<Recipe> =>
  withNibOf(await inOwnShapes(await freshFor(hand, school)), nib ?? (await findDesk()).toolFor(hand));

/** A fresh recipe with the shapes the scribe has chosen as their own default. */
async function inOwnShapes(recipe: Recipe): Promise<Recipe> {
  const variants = (await findLetterSet(recipe.hand))?.variants ?? {};
  return { ...recipe, writing: { ...recipe.writing, variants } };
}

/** A fresh recipe with a nib of the drawer, where it has that one and it can write the hand. */
async function withNibOf(recipe: Recipe, id: string | undefined): Promise<Recipe> {
  if (id === undefined) return recipe;
  const nib = nibsFor(handOf(recipe).tool, await listNibs()).find((candidate) => candidate.id === id);
  try {
    return nib ? withNib(recipe, nib) : recipe;
  } catch (error) {
    if (!(error instanceof Problem)) throw error;
    return recipe;
  }
}

/** The page on which a tool of the bench writes its strip; undefined where there is none of this id, or it has no strip. */
async function stripOf(id: string): Promise<Recipe | undefined> {
  const item = await findItem(id);
  const kind = item && toolOf(item.kind);
  if (!item || !kind) return undefined;
  const [desk, about] = await Promise.all([findDesk(), whoWrites()]);
  const hand = kind.writes.includes(handById(desk.hand).tool) ? desk.hand : firstHandOf(kind.id);
  // A tool nobody has measured is ruled for the hand's usual pen: the strip then says how wide it is.
  const nib = asNib({ ...item, width: item.width ?? freshOf(about, hand).width });
  return nib && nib.kind !== 'two-point'
    ? nibStrip(about, hand, { ...nib, dipped: kind.supply === 'dipped' })
    : undefined;
}

const fresh = (recipe: Recipe): Opened => ({
  id: crypto.randomUUID(),
  name: recipe.title || usualName(recipe),
  recipe,
  revision: UNSAVED,
  inAddress: false,
});

function canBeLaid(recipe: Recipe): boolean {
  try {
    layoutSheet(recipe);
    return true;
  } catch (error) {
    if (!(error instanceof Problem)) throw error;
    return false;
  }
}

/** The recipe of a sheet that can be shown; one kept by an earlier version may be none. */
function readable(sheet: StoredSheet): Recipe | undefined {
  const recipe = parsed(sheet);
  return recipe && canBeLaid(recipe) ? recipe : undefined;
}

function parsed(sheet: StoredSheet): Recipe | undefined {
  try {
    return parseRecipe(JSON.parse(sheet.recipe));
  } catch {
    return undefined;
  }
}
