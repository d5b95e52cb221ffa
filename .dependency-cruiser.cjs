/**
 * Who may import whom: the arrows of ARCHITECTURE.md as rules. `core/search` and `core/compose` may not even be reached from
 * screens and services; what needs their results gets them through a worker.
 */
const CORE = [
  'shared',
  'board',
  'rules',
  'notation',
  'proof',
  'tactics',
  'patterns',
  'search',
  'written',
  'puzzles',
  'pawns',
  'exercises',
  'compose',
  'progress',
];
/** Rooms below another one in the list, where the list alone would allow too much: judging never searches. */
const NEVER = {
  puzzles: ['search', 'written'],
  pawns: ['proof', 'search', 'written', 'puzzles'],
  exercises: ['search', 'written'],
  progress: ['search', 'written', 'compose'],
};
const TEST_FILES = '\\.test\\.tsx?$';

const coreRules = CORE.map((room, index) => {
  const allowed = CORE.slice(0, index + 1).filter((other) => !(NEVER[room] ?? []).includes(other));
  return {
    name: `core-${room}`,
    comment: `core/${room} imports only core rooms above it in the list`,
    severity: 'error',
    from: { path: `^src/core/${room}/`, pathNot: TEST_FILES },
    to: { path: '^src/core/', pathNot: `^src/core/(${allowed.join('|')})/` },
  };
});

const rule = (name, from, allowed, comment) => ({
  name,
  comment,
  severity: 'error',
  from: { path: from, pathNot: TEST_FILES },
  to: { path: '^(src|tests|bench)/', pathNot: allowed },
});

module.exports = {
  forbidden: [
    ...coreRules,
    {
      name: 'core-by-index',
      comment: 'a core room is entered by its index.ts',
      severity: 'error',
      from: { path: '^src/core/([^/]+)/', pathNot: TEST_FILES },
      to: { path: '^src/core/[^/]+/', pathNot: ['^src/core/$1/', '/index\\.ts$'] },
    },
    {
      name: 'into-core-by-index',
      comment: 'a core room is entered by its index.ts',
      severity: 'error',
      from: { path: '^src/', pathNot: ['^src/core/', TEST_FILES] },
      to: { path: '^src/core/[^/]+/', pathNot: '/index\\.ts$' },
    },
    rule('core', '^src/core/', '^src/core/', 'core imports nothing of ours outside core'),
    {
      name: 'core-packages',
      comment: 'core uses zod and one small pure package for ratings, no other, and nothing of Node',
      severity: 'error',
      from: { path: '^src/core/', pathNot: TEST_FILES },
      to: {
        dependencyTypes: ['npm', 'npm-dev', 'npm-optional', 'core'],
        pathNot: 'node_modules/(zod|glicko2-lite|ts-fsrs|damerau-levenshtein)/',
      },
    },
    rule('contracts', '^src/contracts/', '^src/(contracts|core)/', 'contracts know core only'),
    rule(
      'text-drawing',
      '^src/(text|drawing)/',
      '^src/(text|drawing|core|contracts)/',
      'words and pictures are pure',
    ),
    rule('print', '^src/print/', '^src/(print|drawing|core|contracts)', 'lays out what it is given'),
    rule(
      'worker-tasks',
      '^src/workers/(tasks|protocol)',
      '^src/(workers/(tasks|protocol)|core|contracts|text|drawing)',
      'plain calls into core',
    ),
    rule(
      'worker-browser',
      '^src/workers/browser/',
      '^src/(workers/(browser|tasks|protocol)|core|contracts)',
      '',
    ),
    rule(
      'worker-seat',
      '^src/workers/seat/',
      '^src/(workers/seat|contracts|text/offlinePage)',
      'what browsers run beside the pages of the seat',
    ),
    rule(
      'worker-node',
      '^src/workers/node/',
      '^src/(workers/(node|tasks|protocol)|print|core|contracts)',
      '',
    ),
    rule('db', '^src/server/db/', '^src/(server/(db|env|log)|contracts)', ''),
    rule(
      'data',
      '^src/server/data/',
      '^src/(server/(db|data|env)|core|contracts)',
      'the only place with queries',
    ),
    rule('auth', '^src/server/auth/', '^src/(server/(db|data|auth|env)|core|contracts)', ''),
    rule(
      'services',
      '^src/server/services/',
      '^src/(server/(db|data|auth|services)|core|contracts|text|drawing|print|workers/(node|protocol))',
      '',
    ),
    rule(
      'ui',
      '^src/ui/',
      '^src/(ui|core|contracts|text|drawing|workers/(browser|protocol))',
      'props in, events out',
    ),
    rule(
      'app',
      '^src/app/',
      '^src/(app|ui|contracts|text|core|server/(services|auth))/|^src/server/(jsonReply|readJson)\\.ts',
      'routes only',
    ),
    rule('cli', '^src/cli/', '^src/(cli|core|contracts|text|drawing|workers/node|server)', ''),
    {
      name: 'no-knex-outside',
      comment: 'queries live in server/db and server/data',
      severity: 'error',
      from: { path: '^src/', pathNot: ['^src/server/(db|data)/', '^src/cli/mariadb'] },
      to: { path: 'node_modules/(knex|mysql2)/' },
    },
    {
      name: 'no-search-from-screens',
      comment: 'a search must not run on the page: it is reached through a worker only',
      severity: 'error',
      from: { path: '^src/(ui|app|server)/', pathNot: TEST_FILES },
      to: { path: '^src/core/(search|written|compose)/', reachable: true },
    },
    {
      name: 'oracles-in-tests-only',
      comment: 'reference libraries check us, they are not us',
      severity: 'error',
      from: { path: '^src/', pathNot: TEST_FILES },
      to: { path: 'node_modules/(chess\\.js|chessops|kokopu)/' },
    },
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'registry-one-way',
      comment: 'a registry imports its members, a member never the registry',
      severity: 'error',
      from: { path: '^src/core/exercises/(family|answers|families)/', pathNot: TEST_FILES },
      to: { path: '^src/core/exercises/(registry|loadFamily|index)' },
    },
    {
      name: 'family-knows-no-member',
      comment: 'what a family is, and how answers are judged, knows no family',
      severity: 'error',
      from: { path: '^src/core/exercises/(family|answers)/', pathNot: TEST_FILES },
      to: { path: '^src/core/exercises/families/' },
    },
    {
      name: 'family-before-answers',
      severity: 'error',
      from: { path: '^src/core/exercises/family/', pathNot: TEST_FILES },
      to: { path: '^src/core/exercises/answers/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: false,
    enhancedResolveOptions: { extensions: ['.ts', '.tsx', '.mjs', '.js', '.json'] },
  },
};
