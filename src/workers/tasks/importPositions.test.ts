import { INITIAL_POSITION } from '@/core/rules';
import { makeFen } from '@/core/notation';
import type { ImportedPosition, Progress } from '../protocol';
import { answerQuestion } from '.';

const MATE_IN_1 = '6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1';
const MATE_IN_2 = '6k1/1p3pp1/p2R3p/8/q7/3B3P/PPP2PP1/4R2K w - - 0 1';
const SEVERAL = '7k/8/4K3/8/8/8/8/1Q6 w - - 0 1';
const NONE = '4k3/8/8/8/8/8/4P3/4K3 w - - 0 1';

function bring(text: string | Uint8Array, maxMoves = 3) {
  const positions: ImportedPosition[] = [];
  const note = (progress: Progress) => {
    if (progress.kind === 'import') positions.push(...progress.news);
    return 'go' as const;
  };
  const bytes = typeof text === 'string' ? new TextEncoder().encode(text) : text;
  const answer = answerQuestion({ kind: 'import', bytes, maxMoves }, note);
  return { answer, positions, outcomes: positions.map(({ outcome }) => outcome.kind) };
}

test('lines of FEN and EPD: every one is told with its line and what became of it', () => {
  const text = [
    '# from the cupboard',
    MATE_IN_1,
    '',
    `${MATE_IN_2.split(' ').slice(0, 4).join(' ')} dm 2; id "No. 2";`,
    SEVERAL,
    NONE,
    MATE_IN_1.replace('0 1', '4 30'),
    '6k1/5ppp/8/8/8/8/8/R5K w - - 0 1',
    '8/8/8/8/8/8/8/R5K1 w - - 0 1',
  ].join('\r\n');
  const { answer, positions } = bring(text);
  expect(answer).toEqual({ kind: 'imported', count: 7, isCut: false });
  expect(positions.map(({ place, outcome }) => [place.unit, place.number, outcome])).toEqual([
    ['line', 2, { kind: 'mate', mateInMoves: 1, keys: ['Ra8#'], exactKey: MATE_IN_1.slice(0, -4) }],
    ['line', 4, { kind: 'mate', mateInMoves: 2, keys: ['Rd8+'], exactKey: MATE_IN_2.slice(0, -4) }],
    ['line', 5, expect.objectContaining({ mateInMoves: 3, keys: ['Qg1', 'Qb7', 'Kf6'] })],
    ['line', 6, { kind: 'none', within: 3 }],
    // Counters make no other puzzle.
    ['line', 7, { kind: 'repeated' }],
    ['line', 8, { kind: 'fault', fault: expect.stringContaining('7 squares') as string }],
    ['line', 9, { kind: 'fault', fault: expect.stringContaining('Black has no king') as string }],
  ]);
});

test('games: their start positions, faulty ones with the reason, whole games left aside', () => {
  const text = [
    `[Event "One"]\n[SetUp "1"]\n[FEN "${MATE_IN_1}"]\n\n1. Ra8# 1-0`,
    '[Event "Two"]\n\n1. e4 e5 *',
    '[Event "Three"]\n[SetUp "1"]\n[FEN "nonsense"]\n\n1. e4 *',
    `[Event "Four"]\n[SetUp "1"]\n[FEN "${MATE_IN_2}"]\n\n1. Rd8+ {broken off`,
  ].join('\n\n');
  const { positions, outcomes } = bring(text);
  expect(outcomes).toEqual(['mate', 'whole-game', 'fault', 'mate']);
  expect(positions.map(({ place }) => place)).toEqual(
    [1, 2, 3, 4].map((number) => ({ unit: 'game', number })),
  );
});

test.each([
  [',', `"name","FEN"\r\n"a, b","${MATE_IN_1}"\r\n"c","x"\r\n`],
  [';', `name;Position\na;${MATE_IN_1}\nc;x\n`],
  ['\t', `name\tfen\tmore\na\t${MATE_IN_1}\nc\tx\ty\tz\n`],
])('a table with %j between its cells', (_, text) => {
  const { positions, outcomes } = bring(`\uFEFF${text}`);
  expect(outcomes).toEqual(['mate', 'fault']);
  expect(positions.map(({ place }) => place)).toEqual([
    { unit: 'row', number: 2 },
    { unit: 'row', number: 3 },
  ]);
});

test('what is no text, or holds nothing, is refused in a sentence; what a quote never closed hides is told', () => {
  expect(bring(new Uint8Array([0x50, 0x4b, 3, 4, 0, 0])).answer).toEqual({
    kind: 'unreadable',
    why: expect.stringContaining('not a text file') as string,
  });
  expect(bring(' \n ').answer).toEqual({ kind: 'unreadable', why: 'There is nothing in it.' });
  expect(
    bring(`fen,name\n${MATE_IN_1},a\n${MATE_IN_2},"never closed\n${NONE},b\n`).positions.map(
      ({ place, outcome }) => [place.number, outcome.kind],
    ),
  ).toEqual([
    [2, 'mate'],
    [3, 'fault'],
  ]);
  // Latin-1, as old programs write it.
  const latin = Uint8Array.from(`[Event "Ren\u00e9"]\n[SetUp "1"]\n[FEN "${MATE_IN_1}"]\n\n*`, (letter) =>
    letter.charCodeAt(0),
  );
  expect(bring(latin).outcomes).toEqual(['mate']);
});

test('a board beyond all measure is one fault among the others', () => {
  const { positions, outcomes } = bring(`${'8/'.repeat(200_000)} w\n${MATE_IN_1}`);
  expect(outcomes).toEqual(['fault', 'mate']);
  expect(JSON.stringify(positions[0]).length).toBeLessThan(500);
});

test('ten thousand are read at once; what is beyond is said to be there', () => {
  const start = makeFen(INITIAL_POSITION);
  const { answer, positions } = bring(`${start}\n`.repeat(10_001), 1);
  expect(answer).toEqual({ kind: 'imported', count: 10_000, isCut: true });
  expect(positions).toHaveLength(10_000);
  expect(bring(`${start}\n`.repeat(10_000), 1).answer).toEqual({
    kind: 'imported',
    count: 10_000,
    isCut: false,
  });
});
