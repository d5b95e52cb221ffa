import { getMan, parseSquareName } from '@/core/board';
import { makeFen } from '@/core/notation';
import {
  listPassedSquares,
  reducePosition,
  startPosition,
  type PositionEdit,
  type PositionState,
} from './positionState';

const at = (name: string) => parseSquareName(name) ?? -1;
const after = (fen: string, ...actions: readonly PositionEdit[]) =>
  actions.reduce(reducePosition, startPosition(fen));
const fenOf = ({ draft }: PositionState) => makeFen(draft);
const START = 'rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1';
const EMPTY = '8/8/8/8/8/8/8/8 w - - 0 1';

test('anything but a FEN starts with an empty board', () =>
  expect(fenOf(startPosition('what?'))).toBe(EMPTY));

test('men are put, moved and taken off', () => {
  const man = getMan('white', 'queen');
  const state = after(
    '',
    { kind: 'put', square: at('d1'), man },
    { kind: 'move', from: at('d1'), to: at('h5') },
    { kind: 'put', square: at('a1'), man: getMan('black', 'king') },
    { kind: 'take', square: at('a1') },
  );
  expect(fenOf(state)).toBe('8/8/8/7Q/8/8/8/8 w - - 0 1');
});

test('moving king or rook ends the right to castle; other men leave it', () => {
  expect(fenOf(after(START, { kind: 'move', from: at('h1'), to: at('h3') }))).toContain(' w Qkq ');
  expect(fenOf(after(START, { kind: 'move', from: at('e8'), to: at('e5') }))).toContain(' w KQ ');
  expect(fenOf(after(START, { kind: 'take', square: at('d1') }))).toContain(' w KQkq ');
});

test('a pawn that has just passed is forgotten when men or turn change', () => {
  const fen = '4k3/8/8/3pP3/8/8/8/4K3 w - d6 0 1';
  expect(listPassedSquares(startPosition(fen).draft)).toEqual([at('d6')]);
  expect(fenOf(after(fen, { kind: 'turn', turn: 'black' }))).toBe('4k3/8/8/3pP3/8/8/8/4K3 b - - 0 1');
  expect(fenOf(after(fen, { kind: 'take', square: at('e5') }))).toContain(' w - - ');
});

test('every edit can be undone and redone; a new edit forgets what was undone', () => {
  const edits: readonly PositionEdit[] = [
    { kind: 'start' },
    { kind: 'turn', turn: 'black' },
    { kind: 'take', square: at('e2') },
    { kind: 'castling', side: 'white', wing: 'short', isAllowed: false },
    { kind: 'clear' },
  ];
  let state = startPosition('');
  const seen = [fenOf(state)];
  for (const edit of edits) {
    state = reducePosition(state, edit);
    seen.push(fenOf(state));
  }
  for (const fen of seen.slice(0, -1).reverse()) {
    state = reducePosition(state, { kind: 'undo' });
    expect(fenOf(state)).toBe(fen);
  }
  expect(reducePosition(state, { kind: 'undo' })).toBe(state);
  for (const fen of seen.slice(1)) {
    state = reducePosition(state, { kind: 'redo' });
    expect(fenOf(state)).toBe(fen);
  }
  expect(reducePosition(reducePosition(state, { kind: 'undo' }), { kind: 'start' }).future).toEqual([]);
});

test('an edit that changes nothing leaves no step to undo', () => {
  const state = startPosition(START);
  expect(reducePosition(state, { kind: 'turn', turn: 'white' })).toBe(state);
  expect(reducePosition(state, { kind: 'take', square: at('e4') })).toBe(state);
  expect(reducePosition(state, { kind: 'put', square: at('e1'), man: getMan('white', 'king') })).toBe(state);
});
