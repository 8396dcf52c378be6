/** The arrows of docs/architecture.md, written as rules. Each rule forbids one direction. */
const within = (folder) => `^src/${folder}/`;

export default {
  forbidden: [
    {
      name: 'no-cycles',
      comment: 'A cycle means two concepts are one, or one is in the wrong place.',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    {
      name: 'core-is-pure',
      comment: 'The core knows no browser, no React, no database, no framework and no clock.',
      severity: 'error',
      from: { path: within('core'), pathNot: '[.]test[.]ts$' },
      to: { pathNot: `${within('core')}|^node_modules/(zod|ts-fsrs|qrcode|jsqr|@types/qrcode)/` },
    },
    {
      name: 'render-sees-only-drawings',
      comment: 'A renderer turns a drawing into a format; it never asks what the drawing means.',
      severity: 'error',
      from: { path: within('render'), pathNot: '[.]test[.]ts$' },
      to: { path: '^src/', pathNot: `${within('render')}|${within('core')}(drawing|measure)/` },
    },
    {
      name: 'press-sees-core-and-render',
      comment: 'A thread of the press has no store and no framework: all it needs comes with its job.',
      severity: 'error',
      from: { path: within('press'), pathNot: '[.]test[.]ts$' },
      to: { path: '^src/', pathNot: `${within('press')}|${within('render')}|${within('core')}` },
    },
    {
      name: 'store-sees-only-core',
      severity: 'error',
      from: { path: within('store'), pathNot: '[.]test[.]ts$' },
      to: { path: '^src/', pathNot: `${within('store')}|${within('core')}` },
    },
    {
      name: 'guard-stands-alone',
      comment: 'It judges requests before the framework is asked, and is read on its own.',
      severity: 'error',
      from: { path: within('guard'), pathNot: '[.]test[.]ts$' },
      to: { path: '^src/|^node_modules/', pathNot: within('guard') },
    },
    {
      name: 'sql-lives-in-store',
      severity: 'error',
      from: { pathNot: within('store') },
      to: { path: '^node_modules/(drizzle-orm|@libsql)/' },
    },
    {
      name: 'ui-never-reaches-server',
      comment: 'Components see the core, and render/svg for the preview; never the store or the routes.',
      severity: 'error',
      from: { path: within('ui') },
      to: { path: '^src/(store|app|press|guard)/' },
    },
    {
      name: 'drawing-is-below-everything',
      severity: 'error',
      from: { path: within('core/(measure|drawing)'), pathNot: '[.]test[.]ts$' },
      to: { path: within('core'), pathNot: within('core/(measure|drawing)') },
    },
    {
      name: 'hands-do-not-know-sheets',
      severity: 'error',
      from: { path: within('core/(pen|hand|hands)'), pathNot: '[.]test[.]ts$' },
      to: { path: within('core/(sheet|kit|practice|piece|log|review)') },
    },
    {
      name: 'what-a-hand-is-knows-no-hand',
      comment: 'core/hand says what a hand is; the hands themselves are above it.',
      severity: 'error',
      from: { path: within('core/(hand|pen)') },
      to: { path: within('core/hands') },
    },
    {
      name: 'a-hand-is-asked-for-by-the-registry',
      comment: 'Nothing outside names a hand: a new one is a new folder.',
      severity: 'error',
      from: { pathNot: `${within('core/hands')}|[.]test[.]ts$` },
      to: { path: '^src/core/hands/[^/]+/' },
    },
    {
      name: 'a-hand-knows-no-other-hand',
      severity: 'error',
      from: { path: '^src/core/hands/([^/]+)/', pathNot: '[.]test[.]ts$' },
      to: { path: '^src/core/hands/[^/]+/', pathNot: '^src/core/hands/$1/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};
