import { listPawnMoves } from '@/core/pawns';
import { parseSquareName } from '@/core/board';
import {
  beginPawnTable,
  endOf,
  keepPawnGame,
  keptPawnGameSchema,
  openKeptPawnGame,
  placeOf,
  reducePawnTable,
  type PawnRules,
  type PawnTableState,
} from './pawnTable';

const at = (name: string) => parseSquareName(name) ?? -1;
const TWO: PawnRules = { opponent: 'child', goal: 'promotion', hasKings: false, pawns: 3 };
const move = (state: PawnTableState, from: string, to: string) =>
  reducePawnTable(state, { kind: 'move', move: { from: at(from), to: at(to) } });

test('two children move by turns; what is not allowed changes nothing', () => {
  const start = beginPawnTable(TWO, 1);
  const one = move(start, 'c2', 'c4');
  expect(placeOf(one).turn).toBe('black');
  expect(move(one, 'c4', 'c5')).toBe(one);
  const two = move(one, 'd7', 'd5');
  expect(placeOf(two).turn).toBe('white');
  expect(two.moves).toHaveLength(2);
  expect(reducePawnTable(two, { kind: 'back' }).moves).toEqual(one.moves);
});

test('a game is played to its end, and then nobody moves any more', () => {
  let state = beginPawnTable(TWO, 1);
  for (const [from, to] of [
    ['c2', 'c4'],
    ['e7', 'e5'],
    ['c4', 'c5'],
    ['e5', 'e4'],
    ['c5', 'c6'],
    ['e4', 'e3'],
    ['c6', 'd7'],
    ['e3', 'd2'],
    ['d7', 'd8'],
  ] as const)
    state = move(state, from, to);
  expect(endOf(state)).toEqual({ winner: 'white', why: 'far-row' });
  expect(move(state, 'd2', 'd1')).toBe(state);
});

test('the app answers at once, and taking back takes its answer too', () => {
  const start = beginPawnTable({ ...TWO, opponent: 'steady', pawns: 8 }, 4);
  const one = move(start, 'e2', 'e4');
  expect(one.moves).toHaveLength(2);
  expect(placeOf(one).turn).toBe('white');
  expect(listPawnMoves(placeOf(one)).length).toBeGreaterThan(0);
  expect(reducePawnTable(one, { kind: 'back' }).moves).toHaveLength(0);
});

test('a kept game is opened move for move, the answers of the app with it; what does not fit ends it', () => {
  const begun = beginPawnTable({ ...TWO, opponent: 'steady' }, 5);
  const played = move(begun, 'c2', 'c4');
  expect(played.moves).toHaveLength(2);
  const kept = keptPawnGameSchema.parse(JSON.parse(JSON.stringify(keepPawnGame(played))));
  expect(placeOf(openKeptPawnGame(kept))).toEqual(placeOf(played));
  expect(openKeptPawnGame({ ...kept, moves: ['c2c4', 'a1a2'] }).moves).toHaveLength(1);
});
