/** The order of the house: a later folder may import an earlier one, never the other way round. */
const ORDER = [
  'geometry',
  'model',
  'groups',
  'arrange',
  'rotation',
  'safety',
  'gear',
  'adapt',
  'play',
  'simulate',
  'formats',
  'fit',
  'live',
  'words',
  'exchange',
];
const TESTS = '\\.(test|fixture)\\.ts$';

/** What lies further down the list than `folder`. */
const below = (folder) => ORDER.slice(ORDER.indexOf(folder) + 1).join('|');

module.exports = {
  forbidden: [
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } } },
    ...ORDER.filter((folder) => folder !== 'model' && below(folder)).map((folder) => ({
      name: `core-${folder}-looks-up-only`,
      severity: 'error',
      from: { path: `^src/core/${folder}/`, pathNot: TESTS },
      to: { path: `^src/core/(${below(folder)})/` },
    })),
    {
      name: 'core-model-looks-up-only-but-for-setups',
      severity: 'error',
      from: { path: '^src/core/model/', pathNot: TESTS },
      to: { path: `^src/core/(${below('model')})/`, pathNot: '^src/core/formats/[a-z0-9-]+/setup\\.ts$' },
    },
    {
      name: 'format-setup-imports-zod-alone',
      severity: 'error',
      from: { path: '^src/core/formats/[a-z0-9-]+/setup\\.ts$' },
      to: { pathNot: 'node_modules/zod/|^src/core/formats/sharedSetup\\.ts$' },
    },
    {
      name: 'shared-setup-imports-zod-alone',
      severity: 'error',
      from: { path: '^src/core/formats/sharedSetup\\.ts$' },
      to: { pathNot: 'node_modules/zod/' },
    },
    {
      name: 'formats-do-not-know-one-another',
      severity: 'error',
      from: { path: '^src/core/formats/([a-z0-9-]+)/', pathNot: TESTS },
      to: { path: '^src/core/formats/[a-z0-9-]+/', pathNot: '^src/core/formats/$1/' },
    },
    {
      name: 'core-is-pure',
      severity: 'error',
      from: { path: '^src/core/', pathNot: TESTS },
      to: { path: '^src/(content|server|web)/' },
    },
    {
      name: 'core-without-node',
      severity: 'error',
      from: { path: '^src/core/', pathNot: TESTS },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'core-imports-few-packages',
      severity: 'error',
      from: { path: '^src/core/', pathNot: TESTS },
      to: { path: 'node_modules/', pathNot: 'node_modules/(zod|pure-rand|tinyqueue|papaparse|dxf-writer|dxf-parser|fast-xml-parser|ical\.js|jsonc-parser|@types/papaparse)/' },
    },
    { name: 'content-is-data', severity: 'error', from: { path: '^src/content/', pathNot: TESTS }, to: { path: '^src/(server|web)/' } },
    { name: 'server-not-web', severity: 'error', from: { path: '^src/server/' }, to: { path: '^src/web/' } },
    { name: 'web-not-server', severity: 'error', from: { path: '^src/web/', pathNot: TESTS }, to: { path: '^src/(server|content)/' } },
    { name: 'resolvable', severity: 'error', from: {}, to: { couldNotResolve: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.base.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'types', 'default'] },
  },
};
