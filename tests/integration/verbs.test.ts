import { spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { PERFT } from '../fixtures/positions';
import { listShellLines, readDoc } from '../support/docs';

const MATE_IN_2 = '6k1/1p3pp1/p2R3p/8/q7/3B3P/PPP2PP1/4R2K w - - 0 1';
const START = PERFT[0]?.fen ?? '';

/** Runs a command of the bundle, without database settings, and gives what it wrote where. */
async function run(words: readonly string[], input = '') {
  const { PATH = '', HOME = '' } = process.env;
  const child = spawn(process.execPath, ['--conditions=react-server', 'dist/cli.mjs', ...words], {
    env: { NODE_ENV: 'production', PATH, HOME },
  });
  let out = '';
  let told = '';
  child.stdout.on('data', (chunk: Buffer) => (out += chunk.toString()));
  child.stderr.on('data', (chunk: Buffer) => (told += chunk.toString()));
  child.stdin.end(input);
  const [code] = (await once(child, 'close')) as [number];
  return { code, out, told };
}

const jsonLines = (out: string) =>
  out
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line) as Record<string, unknown>);

test('perft prints the published count alone; with --divide the moves add up to it', async () => {
  expect(await run(['perft', START, '4'])).toEqual({ code: 0, out: '197281\n', told: '' });
  const { out } = await run(['perft', START, '3', '--divide']);
  const lines = out.trim().split('\n');
  expect(lines).toHaveLength(21);
  expect(lines.at(-1)).toBe('8902');
  const shares = lines.slice(0, -1).map((line) => Number(line.split(' ')[1]));
  expect(shares.reduce((sum, share) => sum + share, 0)).toBe(8902);
});

test('moves prints SAN, one a line', async () => {
  const { code, out } = await run(['moves', '4k3/8/8/8/8/8/8/R3K3 w Q - 0 1']);
  expect(code).toBe(0);
  expect(out.trim().split('\n')).toEqual(expect.arrayContaining(['O-O-O', 'Ra8+', 'Kd2']));
  expect(out.trim().split('\n')).toHaveLength(16);
});

test('name --json keeps its shape: ids, readings and roles by square; a bad line is told by number', async () => {
  const { code, out, told } = await run(
    ['name', '--json', '-'],
    '6kR/6P1/6K1/8/8/8/8/8 b - - 0 1\nnonsense\n4k3/8/8/8/8/8/8/4K2R w - - 0 1\n3Rk3/5p2/8/6B1/8/8/8/6K1 b - - dm 0;\n',
  );
  expect(code).toBe(1);
  expect(told).toMatch(/^line 2: /m);
  const [anderssen, bad, none, opera] = jsonLines(out);
  expect(anderssen).toEqual({
    fen: '6kR/6P1/6K1/8/8/8/8/8 b - - 0 1',
    patterns: [
      {
        id: 'anderssen',
        reading: 'strict',
        roles: {
          king: 'g8',
          mating: 'h8',
          supporter: 'g7',
          guards: { f8: ['g7', 'h8'], f7: ['g6'], h7: ['g6', 'h8'] },
          blockers: [],
          line: [],
          held: { h8: ['g7'], g7: ['g6'] },
        },
      },
    ],
  });
  expect(bad).toMatchObject({ fen: 'nonsense', patterns: [] });
  expect(none).toEqual({ fen: '4k3/8/8/8/8/8/8/4K2R w - - 0 1', patterns: [] });
  const ids = (opera?.patterns as { id: string; reading: string }[]).map(
    ({ id, reading }) => `${id} ${reading}`,
  );
  expect(ids).toEqual(['opera strict', 'anderssen loose', 'mayet loose', 'back-rank loose']);
  const { out: words } = await run(['name', '-'], '3Rk3/5p2/8/6B1/8/8/8/6K1 b - - 0 1\n');
  expect(words).toContain('Opera mate: The rook on d8 gives mate. The bishop on g5 protects the rook on d8.');
});

test('prove --json keeps its shape, goes on after a bad line, and says so by number', async () => {
  const { code, out, told } = await run(
    ['prove', '--json', '--max', '2', '-'],
    `${MATE_IN_2}\n\nbad line\n4k3/8/8/8/8/8/8/4K2R w - - 0 1\n`,
  );
  expect(code).toBe(1);
  expect(told).toMatch(/^line 3: /m);
  const [mate, error, none] = jsonLines(out);
  expect(mate).toEqual({
    fen: MATE_IN_2,
    mate: 2,
    exact: true,
    keys: ['Rd8+'],
    line: ['Rd8+', 'Qe8', expect.stringMatching(/xe8#$/) as string],
    status: 'mate',
    within: 1,
    mateNoBlocks: 1,
    nodes: expect.any(Number) as number,
    ms: expect.any(Number) as number,
  });
  expect(error).toMatchObject({ fen: 'bad line', status: 'error', mate: null, keys: [], line: [] });
  expect(error?.error).toEqual(expect.any(String));
  expect(none).toMatchObject({ status: 'none', mate: null, exact: true, within: 2 });
});

test('prove writes EPD with the standard opcodes and keeps the others, from a file too', async () => {
  const folder = mkdtempSync(path.join(tmpdir(), 'vorschule-test-'));
  const file = path.join(folder, 'problems.epd');
  writeFileSync(file, '\uFEFF6k1/1p3pp1/p2R3p/8/q7/3B3P/PPP2PP1/4R2K w - - dm 7; id "No. 1"; c0 "kept";\r\n');
  const { code, out } = await run(['prove', file]);
  rmSync(folder, { recursive: true });
  expect(code).toBe(0);
  expect(out).toMatch(
    /^6k1\/1p3pp1\/p2R3p\/8\/q7\/3B3P\/PPP2PP1\/4R2K w - - dm 2; bm Rd8\+; pv Rd8\+ Qe8 R[de]xe8#; acn \d+; acs \d+; id "No. 1"; c0 "kept";\n$/,
  );
});

test('prove says both lengths where they differ, and an upper bound as one', async () => {
  const { out } = await run(
    ['prove', '--json', '--max', '2', '-'],
    '6k1/5ppp/3b4/8/8/B7/5PPP/4R1K1 w - - 0 1',
  );
  expect(jsonLines(out)[0]).toMatchObject({ mate: 2, exact: true, keys: ['Re8+'], mateNoBlocks: 1 });
  // A long checking mate, and too little time to exclude all shorter ones.
  const long = '1r4nr/QB2k1pp/1p6/1Ppp4/5P2/2P1P2P/PB1PKb2/RN4q1 w - - 0 1';
  const bound = jsonLines((await run(['prove', '--json', '--max', '9', '--seconds', '1', '-'], long)).out)[0];
  expect(bound).toMatchObject({ mate: 9, exact: false, status: 'mate' });
  expect(Number(bound?.within)).toBeLessThan(8);
  const epd = (await run(['prove', '--max', '9', '--seconds', '1', '-'], long)).out;
  expect(epd).toMatch(/ pv \S+/);
  expect(epd).not.toMatch(/ dm | bm /);
});

test('judge --json keeps its shape, line by line', async () => {
  const quiet = '7k/8/5K2/8/8/8/8/R7 w - - 0 1';
  const lines = [
    { fen: quiet, line: '1 Kf7 Kh7 2 Rh1#', claimed: 2 },
    { fen: quiet, line: '1. Kf7 Kh7 2. Rh1' },
    'no object',
    { fen: 'nonsense', line: '1 Kf7' },
    { fen: MATE_IN_2, line: '1 Rd8+' },
  ];
  const input = lines.map((line) => (typeof line === 'string' ? line : JSON.stringify(line))).join('\n');
  const { code, out, told } = await run(['judge', '--json', '-'], input);
  expect(code).toBe(1);
  expect(told).toMatch(/^line 3: .*"fen" and "line"/m);
  expect(told).toMatch(/^line 4: /m);
  expect(jsonLines(out)).toEqual([
    { verdict: 'holds', ply: null, severity: null, reason: null, better: [] },
    { verdict: 'breaks', ply: 3, severity: 'notation', reason: 'missing-mate-sign', better: ['Rh1#'] },
    { error: expect.any(String) as string },
    { error: expect.any(String) as string },
    {
      verdict: 'breaks',
      ply: 1,
      severity: 'force',
      reason: 'no-mate-at-end',
      better: ['Qe8', expect.stringMatching(/xe8#$/) as string],
    },
  ]);
  const blockless = await run(['judge', '--no-blocks', '-'], JSON.stringify(lines[4]));
  expect(blockless).toEqual({
    code: 0,
    out: 'The solution is right: mate in 1, every move checked.\n',
    told: '',
  });
});

test('notation --json keeps its shape: exact, tolerable with remarks, wrong with its reason', async () => {
  const lines = [
    { fen: START, text: 'Nf3' },
    { fen: START, text: 'nf3+' },
    { fen: START, text: 'Nd4' },
    { fen: START },
  ];
  const { code, out, told } = await run(
    ['notation', '--json', '-'],
    lines.map((line) => JSON.stringify(line)).join('\n'),
  );
  expect(code).toBe(1);
  expect(told).toMatch(/^line 4: .*"fen" and "text"/m);
  expect(jsonLines(out)).toEqual([
    {
      result: 'exact',
      san: 'Nf3',
      uci: 'g1f3',
      diagnoses: [],
      reason: null,
      say: 'Nf3: written correctly.',
    },
    {
      result: 'tolerable',
      san: 'Nf3',
      uci: 'g1f3',
      diagnoses: ['false-check', 'lower-case-piece'],
      reason: null,
      say: expect.stringContaining('f3') as string,
    },
    {
      result: 'wrong',
      san: null,
      uci: null,
      diagnoses: [],
      reason: 'unreachable',
      say: 'No white knight can go to d4.',
    },
    { error: expect.any(String) as string },
  ]);
  const foreign = await run(
    ['notation', '--language', 'French', '-'],
    JSON.stringify({ fen: START, text: 'Cf3' }),
  );
  expect(foreign).toMatchObject({
    code: 0,
    out: 'I read Nf3. In English letters the knight to f3 is Nf3.\n',
  });
  expect(await run(['notation', '--language', 'martian'])).toMatchObject({ code: 2 });
});

test('fate --json keeps its shape: proofs with their length, what is seen with its depth', async () => {
  const { code, out } = await run(
    ['fate', '--json', '--depth', '2', '-'],
    'k7/8/1K6/8/8/8/8/2Q5 w - - 0 1\nbad',
  );
  expect(code).toBe(1);
  const [table, bad] = jsonLines(out);
  expect(bad).toMatchObject({ fen: 'bad', moves: [] });
  const moves = table?.moves as Record<string, unknown>[];
  expect(moves[0]).toEqual({ san: 'Qc8#', kind: 'mates', in: 1, line: ['Qc8#'] });
  expect(moves).toContainEqual({ san: 'Qc7', kind: 'draw', why: 'stalemate', gain: -9, line: ['Qc7'] });
  expect(moves).toContainEqual({
    san: 'Kc5',
    kind: 'material',
    gain: 0,
    seen: 2,
    line: ['Kc5', expect.any(String) as string],
  });
  const plain = await run(['fate', '--depth', '2', '-'], 'k7/8/1K6/8/8/8/8/2Q5 w - - 0 1');
  expect(plain.out).toContain('  Qc8#: mates in 1 (proved)\n');
});

test.each([
  [['fate', '--depth', '0'], 2],
  [['judge', '/no/such/file'], 1],
  [['perft', START], 2],
  [['perft', START, 'deep'], 2],
  [['prove', '--max', '0'], 2],
  [['moves'], 2],
  [['moves', 'nonsense'], 1],
  [['prove', '/no/such/file'], 1],
  [['prove', '--unknown'], 2],
] as const)('%j ends with %d and says why on stderr only', async (words, code) => {
  const result = await run(words);
  expect({ code: result.code, out: result.out }).toEqual({ code, out: '' });
  expect(result.told).not.toBe('');
  expect(result.told).not.toMatch(/\n\s+at /);
});

test('pgn: one object a game; a faulty one keeps its moves and says where it broke off', async () => {
  const text = '[White "Pip"]\n[Black "Wren"]\n\n1. e4 e5 2. Ke3 1-0\n\n[White "Fern"]\n\n1. d4 d5 2. c4 *\n';
  const { code, out, told } = await run(['pgn', '--json', '-'], text);
  expect(code).toBe(1);
  expect(told).toContain('game 1: Line 4: 2. Ke3 cannot be played.');
  expect(jsonLines(out)).toEqual([
    {
      game: 1,
      tags: { White: 'Pip', Black: 'Wren' },
      plies: 2,
      finalFen: 'rnbqkbnr/pppp1ppp/8/4p3/4P3/8/PPPP1PPP/RNBQKBNR w KQkq e6 0 2',
      result: '1-0',
      warnings: [],
      error: {
        line: 4,
        move: 'Ke3',
        message: expect.stringMatching(/^Line 4: 2\. Ke3 cannot be played\./) as string,
      },
    },
    {
      game: 2,
      tags: { White: 'Fern' },
      plies: 3,
      finalFen: 'rnbqkbnr/ppp1pppp/8/3p4/2PP4/8/PP2PPPP/RNBQKBNR b KQkq c3 0 2',
      result: '*',
      warnings: [],
    },
  ]);
  const plain = await run(['pgn', '-'], '1. f3 e5 2. g4 Qh4# 0-1');
  expect(plain).toMatchObject({ code: 0, told: '' });
  expect(plain.out).toMatch(/^1\. \? - \?, 0-1, 4 plies: rnb1kbnr/);
  expect(await run(['pgn', '-'], 'PK\u0003\u0004')).toMatchObject({ out: '' });
});

test('compose: as many mates as asked for, each proved again by the prover, the same for the same seed', async () => {
  const words = [
    'compose',
    '--mate',
    '2',
    '--pattern',
    'smothered',
    '--side',
    'white',
    '--count',
    '2',
    '--seed',
    '7',
  ];
  const { code, out, told } = await run(words);
  expect({ code, told }).toEqual({ code: 0, told: '' });
  const lines = out.trim().split('\n');
  expect(lines).toHaveLength(2);
  for (const line of lines)
    expect(line).toMatch(
      /^\S+ w - - bm \S+; c0 "Level \d, -?\d+\. Ends in: .*Smothered mate.*"; dm 2; id "seed 7, number \d"; pv \S+ \S+ \S+#;$/,
    );
  const proved = jsonLines((await run(['prove', '--json', '-'], out)).out);
  expect(proved.map(({ mate, keys }) => [mate, (keys as string[]).length])).toEqual([
    [2, 1],
    [2, 1],
  ]);
  expect((await run([...words.slice(0, -3), '1', '--seed', '7'])).out.trim()).toBe(lines[0]);
});

test.each([
  [['compose', '--mate', '9'], '--mate is a number from 1 to 5'],
  [['compose', '--mate', '2', '--pattern', 'nothing'], 'There is no mate "nothing". The names are: legal,'],
  [['compose', '--mate', '1', '--key', 'quiet'], '--key of a mate in 1 is one of check, capture, promotion.'],
  [['compose', '--mate', '2', '--side', 'red'], '--side is white or black.'],
  [['prove', '--pattern', 'nonsense', '-'], "prove: Unknown option '--pattern'."],
  [['judge', '--json=yes', '-'], "judge: Option '--json' does not take an argument."],
  [['fate', '--depth'], "fate: Option '--depth <value>' argument missing."],
  [['name', 'mates.epd', 'more.epd'], 'name does not take "more.epd".'],
  [['backup', '--json', 'club.zip'], "backup: Unknown option '--json'."],
  [['constructor'], 'There is no command "constructor".'],
  [['--json', 'prove'], 'There is no command "--json".'],
])('%j is not understood, and why is said', async (words, told) => {
  const ended = await run(words);
  expect(ended.code).toBe(2);
  expect(ended.told).toContain(told);
});

test('every example of the command line in the documents runs', () => {
  const examples = listShellLines(readDoc('docs/cli.md'));
  expect(examples.length).toBeGreaterThan(10);
  const { PATH = '', HOME = '' } = process.env;
  for (const line of examples) {
    const { status, stdout, stderr } = spawnSync('sh', ['-c', line], {
      env: { NODE_ENV: 'production', PATH, HOME },
      encoding: 'utf8',
    });
    expect([line, status, stderr]).toEqual([line, 0, '']);
    expect(stdout.length).toBeGreaterThan(0);
  }
}, 120_000);
