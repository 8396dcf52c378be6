import { freshRecipe } from '@/core/document/defaults';
import { groundOf } from '@/core/practice/ground';
import { lessonsOf } from '@/core/practice/lessons';
import { curriculumOf } from '@/core/study/unit';

/** Italic as it is taught: what the tests of practice practise. */
export const RECIPE = freshRecipe('italic');
export const LESSONS = lessonsOf(groundOf(RECIPE, { size: 1, held: false }));
export const CURRICULUM = curriculumOf(LESSONS);
