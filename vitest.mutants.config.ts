import { mergeConfig } from 'vitest/config';
import base from './vitest.config';

/** The unit tests without the slow suites that cover everything: cells, ink, course, letters, printed pages. */
export default mergeConfig(base, {
  test: {
    exclude: [
      'node_modules/**',
      'tests/approved/pages.test.ts',
      'tests/unit/{trueScale,letterProperties,ink,letters,europe,specimen}.test.ts',
      'tests/unit/practice/{cells,course.alone,printed,streams,guided,parts}.test.ts',
      'src/{store,render}/**',
    ],
  },
});
