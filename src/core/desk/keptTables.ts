/** The tables that a desk keeps and its backups hold, in the order of a backup, each in a scribe's words. */
export const KEPT_TABLES = {
  sheets: { one: 'sheet', many: 'sheets', row: 'A sheet or piece' },
  items: { one: 'thing on the bench', many: 'things on the bench', row: 'A thing of the bench' },
  records: { one: 'note of the desk', many: 'notes of the desk', row: 'A note of the desk' },
  printers: { one: 'printer', many: 'printers', row: 'A printer' },
  letterSets: { one: 'letter set', many: 'letter sets', row: 'Letters of your own' },
  wordLists: { one: 'list of words', many: 'lists of words', row: 'A list of words' },
  printedPages: { one: 'printed page', many: 'printed pages', row: 'A printed page' },
} as const;

export type KeptTable = keyof typeof KEPT_TABLES;
export const KEPT_TABLE_NAMES = Object.keys(KEPT_TABLES) as [KeptTable, ...KeptTable[]];
