import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { PERFT } from '../fixtures/positions';

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

test.each([
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
