/** What a recipe says it is, and the version this Elvane writes. */
export const RECIPE_FORMAT = 'elvane-recipe';
export const RECIPE_VERSION = 3;
