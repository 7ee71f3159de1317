/** The order of the house: imports run leftwards only, and never in a circle. */
const corePath = [
  'record',
  'colour',
  'paint',
  'recipe',
  'form',
  'advice',
  'progression',
  'match',
  'palette',
  'army',
  'plan',
  'rescue',
  'log',
  'bench',
  'readings',
  'file',
];

const leftwardsOnly = corePath.slice(0, -1).map((layer, index) => ({
  name: `core-${layer}-imports-leftwards`,
  comment: `core/src/${layer} may import only from layers to its left`,
  severity: 'error',
  from: { path: `^core/src/${layer}/`, pathNot: '\\.test\\.ts$|record/resources\\.ts$' },
  to: { path: `^core/src/(${corePath.slice(index + 1).join('|')}|testing)/` },
}));

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    ...leftwardsOnly,
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-is-pure',
      comment: 'no interface code, no Node and no server in the computation',
      severity: 'error',
      from: { path: '^core/src', pathNot: '\\.test\\.ts$|^core/src/testing/' },
      to: {
        pathNot: '^core/src|node_modules/(culori|zod|papaparse|@types/culori|@types/papaparse)/',
      },
    },
    {
      name: 'core-by-its-face',
      comment: 'the rest of the house knows the core by its index alone',
      severity: 'error',
      from: { path: '^(server|web|bench|e2e)/' },
      to: { path: '^core/src/', pathNot: '^core/src/(index\\.ts$|testing/)' },
    },
    {
      name: 'server-and-web-apart',
      severity: 'error',
      from: { path: '^server/' },
      to: { path: '^web/' },
    },
    {
      name: 'web-and-server-apart',
      severity: 'error',
      from: { path: '^web/' },
      to: { path: '^server/' },
    },
    {
      name: 'parts-know-no-pages',
      severity: 'error',
      from: { path: '^web/src/(parts|ledger|workers)/' },
      to: { path: '^web/src/pages/' },
    },
    {
      name: 'pages-know-no-other-page',
      severity: 'error',
      from: { path: '^web/src/pages/([^/]+)/', pathNot: '\\.test\\.tsx?$' },
      to: { path: '^web/src/pages/', pathNot: '^web/src/pages/$1/' },
    },
    {
      name: 'worker-fetches-nothing',
      comment: 'what the worker knows it is told',
      severity: 'error',
      from: { path: '^web/src/workers/(work/|ledger\\.worker)', pathNot: '\\.test\\.ts$' },
      to: { path: '^web/src/ledger/(ask|ledgerApi|store)' },
    },
    {
      name: 'routes-without-sql',
      severity: 'error',
      from: { path: '^server/src/.*[rR]outes\\.ts$' },
      to: { path: 'node_modules/(knex|better-sqlite3)/' },
    },
    {
      name: 'nothing-unresolved',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true, pathNot: '^virtual:' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.base.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'types', 'default'],
    },
  },
};
