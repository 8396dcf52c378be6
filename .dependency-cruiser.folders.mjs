import rules from './.dependency-cruiser.mjs';

/** Arrows between folders of the core: a folder uses only folders that do not use it. Tests may look anywhere. */
export default {
  forbidden: [
    {
      name: 'no-folder-cycles',
      scope: 'folder',
      severity: 'error',
      from: { path: '^src' },
      to: { circular: true },
    },
  ],
  options: { ...rules.options, exclude: { path: '[.]test[.]ts$' } },
};
