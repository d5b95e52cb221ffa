import { getMove } from '../notation';
import { groupSuggestion, putProofFirst, SUGGESTION_GROUPS, type Fate, type FateTable } from '.';

const line = (text: string) => text.split(' ').map(getMove);
const FATES: readonly (readonly [string, Fate])[] = [
  ['d6d8', { kind: 'mates', inMoves: 2, line: line('d6d8 a4e8') }],
  ['e1e8', { kind: 'mates', inMoves: 4, line: line('e1e8') }],
  ['h3h4', { kind: 'material', gain: 0, seenPlies: 5, line: line('h3h4') }],
  ['d6a6', { kind: 'material', gain: 1, seenPlies: 5, line: line('d6a6') }],
  ['e1e4', { kind: 'material', gain: -4, seenPlies: 5, line: line('e1e4 a4e4') }],
  ['d3b5', { kind: 'draw', why: 'stalemate', gain: -5, seenPlies: undefined, line: line('d3b5') }],
  ['f2f4', { kind: 'draw', why: 'threefold', gain: 5, seenPlies: 5, line: line('f2f4') }],
  ['h1h2', { kind: 'mated', inMoves: 1, line: line('h1h2 a4a1') }],
];
const TABLE: FateTable = {
  moves: FATES.map(([move, fate]) => ({ move: getMove(move), fate })),
  seenPlies: 5,
  nodes: 1,
};

test('each suggested move falls into the group of its fate; a later mate says how much later', () => {
  const found = FATES.map(([move]) => {
    const { group, delay } = groupSuggestion(TABLE, getMove(move));
    return [move, group, delay];
  });
  expect(found).toEqual([
    ['d6d8', 'mates', 0],
    ['e1e8', 'delays', 2],
    ['h3h4', 'even', 0],
    ['d6a6', 'wins', 0],
    ['e1e4', 'loses', 0],
    ['d3b5', 'draws', 0],
    ['f2f4', 'saves', 0],
    ['h1h2', 'gets-mated', 0],
  ]);
  expect(new Set(found.map(([, group]) => group)).size).toBe(SUGGESTION_GROUPS.length - 1);
});

test('a draw that gains stands before a move that gains nothing', () => {
  expect(SUGGESTION_GROUPS.indexOf('saves')).toBeLessThan(SUGGESTION_GROUPS.indexOf('even'));
});

test('a proof outweighs what was seen, and stands in its place', () => {
  const proved = [
    { move: getMove('h3h4'), fate: { kind: 'mates', inMoves: 6, line: line('h3h4') } },
    // What the table itself has proved stays.
    { move: getMove('e1e8'), fate: { kind: 'mates', inMoves: 9, line: line('e1e8') } },
    { move: getMove('a2a3'), fate: { kind: 'mates', inMoves: 7, line: line('a2a3') } },
  ] as const;
  const { moves } = putProofFirst(TABLE, proved);
  expect(moves.slice(0, 4).map(({ move, fate }) => [move, fate.kind === 'mates' && fate.inMoves])).toEqual([
    [getMove('d6d8'), 2],
    [getMove('e1e8'), 4],
    [getMove('h3h4'), 6],
    [getMove('a2a3'), 7],
  ]);
  expect(moves).toHaveLength(TABLE.moves.length + 1);
});

test('of a move that was not looked at nothing is said', () => {
  expect(groupSuggestion(undefined, getMove('d6d8'))).toEqual({ group: 'open', fate: undefined, delay: 0 });
  expect(groupSuggestion(TABLE, getMove('a2a3')).group).toBe('open');
});
