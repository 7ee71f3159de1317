/** The rings of the core: each imports only from those before it. */
const rings = ['light', 'written', 'predicted', 'answers', 'club', 'catalogue', 'file'];

/** What answers a painter stands side by side; those that use another are written here. */
const siblings = {
  advice: [],
  drafting: [],
  palette: [],
  picture: [],
  shorthand: [],
  match: ['drafting'],
  sheet: ['picture'],
  rescue: ['work/plan'],
  glow: ['drafting', 'match', 'work/army'],
  'work/army': ['palette'],
  'work/plan': ['palette', 'work/army'],
  'work/log': ['rescue', 'work/army', 'work/plan'],
  'work/bench': ['palette', 'work/army', 'work/log', 'work/plan'],
  'work/readings': ['work/log'],
};

/** Nothing at `from` may import what is at `to`; each is a pattern, or patterns with exceptions. */
const never = (name, from, to, comment) => {
  const asked = (place) => (typeof place === 'string' ? { path: place } : place);
  return { name, severity: 'error', from: asked(from), to: asked(to), ...(comment && { comment }) };
};
const inTests = '\\.test\\.tsx?$';

const inwardsOnly = rings
  .slice(0, -1)
  .map((ring, index) =>
    never(
      `core-${ring}-imports-inwards`,
      { path: `^core/src/${ring}/`, pathNot: inTests },
      `^core/src/(${rings.slice(index + 1).join('|')}|simulate|testing)/`,
      `core/src/${ring} may import only from the rings before it`,
    ),
  );

const siblingsApart = Object.entries(siblings).map(([name, uses]) =>
  never(
    `core-${name.replace('/', '-')}-imports-no-sibling`,
    { path: `^core/src/answers/${name}/`, pathNot: inTests },
    {
      path: '^core/src/answers/',
      pathNot: `^core/src/answers/(${[name, ...uses].join('|')})/`,
    },
    'answers stand side by side; one that uses another is written in the list of siblings',
  ),
);

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    ...inwardsOnly,
    ...siblingsApart,
    never('no-circles', {}, { circular: true }),
    never(
      'core-is-pure',
      { path: '^core/src', pathNot: `${inTests}|^core/src/testing/` },
      {
        pathNot:
          '^core/src|node_modules/(culori|zod|papaparse|@noble/hashes|@types/culori|@types/papaparse)/',
      },
      'no interface code, no Node and no server in the computation',
    ),
    never(
      'core-by-its-face',
      '^(server|web|bench|e2e)/',
      { path: '^core/src/', pathNot: '^core/src/(index\\.ts$|testing/)' },
      'the rest of the house knows the core by its index alone',
    ),
    never('server-and-web-apart', '^server/', '^web/'),
    never('web-and-server-apart', '^web/', '^server/'),
    // The workers put the features’ own work together.
    never(
      'kit-knows-no-feature',
      {
        path: '^web/src/(kit|data|workers)/',
        pathNot: '^web/src/workers/(ledger|picture)\\.worker\\.ts$',
      },
      '^web/src/features/',
    ),
    never(
      'features-know-no-other-feature',
      { path: '^web/src/features/([^/]+)/', pathNot: inTests },
      { path: '^web/src/features/', pathNot: '^web/src/features/$1/' },
    ),
    never(
      'worker-fetches-nothing',
      {
        path: '^web/src/(workers/(shared/|ledger\\.worker)|features/.*Work\\.ts$)',
        pathNot: inTests,
      },
      '^web/src/data/(ask|ledgerApi|store)',
      'what the worker knows it is told',
    ),
    never(
      'routes-without-sql',
      '^server/src/.*[rR]outes\\.ts$',
      'node_modules/(knex|better-sqlite3)/',
    ),
    never(
      'routes-through-what-is-open',
      // The demo and backups are for who manages the ledger; the club's own routes ask `open/` themselves.
      { path: '^server/src/.*[rR]outes\\.ts$', pathNot: '^server/src/(club|demo|backup)/' },
      '^server/src/(db/(ledger|recordStore|openDatabase)|log/(logStore|logRows|usedPaint)|versions/versionStore|pots/potStore|pictures/pictureStore|files/(exportAll|importSections|sectionStore))\\.ts$',
      'a route reads and writes through the ledger that is open to whoever asks',
    ),
    never('nothing-unresolved', {}, { couldNotResolve: true, pathNot: '^virtual:' }),
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
