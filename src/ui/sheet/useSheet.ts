'use client';

import type { Recipe } from '@/core/document/recipe';
import { handById } from '@/core/hands/registry';
import { isLoaded, loadScript } from '@/core/hands/scripts';
import { layoutSheet } from '@/core/sheet/layout';
import { sheetAddress } from './recipeUrl';
import { type OpenedWork, type OpenWork, useWork, type WorkKind } from './useWork';

export type Opened = OpenedWork<Recipe>;
export type Sheet = OpenWork<Recipe>;

/** The letters of the hand, which most stations draw whatever the sheet says. */
export const HAND_LETTERS: WorkKind<Recipe>['letters'] = {
  here: ({ hand }) => isLoaded(hand),
  fetch: ({ hand }) => loadScript(hand),
  named: ({ hand }) => handById(hand).name,
};

const SHEET: WorkKind<Recipe> = {
  letters: HAND_LETTERS,
  check: layoutSheet,
  address: sheetAddress,
  reader: () => import('./sheetReader').then(({ READER }) => READER),
};

/** The sheet being edited; a station that needs letters only now and then says when. */
export const useSheet = (opened: Opened, letters = HAND_LETTERS): Sheet =>
  useWork(opened, letters === HAND_LETTERS ? SHEET : { ...SHEET, letters });
