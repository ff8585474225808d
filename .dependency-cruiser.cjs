/** The folders of src are the way the data flows; each may import only what stands to its left (docs/architecture.md). */
const CHAIN = [
  'model',
  'lexicon',
  'vocabulary',
  'grammar',
  'reading',
  'page',
  'printing',
  'dancing',
  'rewriting',
  'walls',
  'floor',
  'music',
  'level',
  'teaching',
  'checking',
  'solving',
  'views',
];

const chainRules = CHAIN.slice(0, -1).map((folder, index) => ({
  name: `core-${folder}-looks-left`,
  severity: 'error',
  // A test may look at what comes of its subject further along.
  from: { path: `^src/core/${folder}/`, pathNot: '\\.test\\.ts$' },
  to: { path: `^src/core/(${CHAIN.slice(index + 1).join('|')})/` },
}));

const CORE_DOOR = '^src/core/index\\.ts$';

module.exports = {
  forbidden: [
    ...chainRules,
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-is-pure',
      comment: 'No packages and no other folder inside the core.',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '\\.test\\.ts$' },
      to: { pathNot: '^src/core/' },
    },
    {
      name: 'core-through-its-door',
      severity: 'error',
      from: { path: '^src/(?!core/)', pathNot: '\\.test\\.tsx?$' },
      to: { path: '^src/core/', pathNot: CORE_DOOR },
    },
    {
      name: 'nobody-imports-app',
      severity: 'error',
      from: { pathNot: '^src/app/' },
      to: { path: '^src/app/' },
    },
    {
      name: 'app-without-server-and-cli',
      severity: 'error',
      from: { path: '^src/app/' },
      to: { path: '^src/(server|cli)/' },
    },
    {
      name: 'only-the-store-knows-dexie',
      severity: 'error',
      from: { pathNot: '^src/store/' },
      to: { path: 'node_modules/dexie' },
    },
    {
      name: 'formats-and-store-stay-low',
      severity: 'error',
      from: { path: '^src/(formats|music|store|workers)/' },
      to: { path: '^src/(app|server|cli)/' },
    },
    {
      name: 'music-measures-and-plays',
      comment: 'It knows recordings and the core’s song, neither files of dances nor what is kept.',
      severity: 'error',
      from: { path: '^src/music/', pathNot: '\\.test\\.ts$' },
      to: { path: '^src/(formats|store|workers)/' },
    },
    {
      name: 'no-circles-of-folders-in-app',
      severity: 'error',
      scope: 'folder',
      from: { path: '^src/app' },
      to: { circular: true },
    },
    {
      name: 'not-resolvable',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true, pathNot: '^virtual:|\\?(raw|inline|url)$' },
    },
  ],
  options: {
    tsPreCompilationDeps: true,
    // Without these, rules about folders look at nothing.
    metrics: true,
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'node', 'default', 'types'] },
    tsConfig: { fileName: 'tsconfig.json' },
    doNotFollow: { path: 'node_modules' },
  },
};
