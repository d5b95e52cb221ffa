import { positionOf, randomPositions } from '../../../tests/fixtures/positions';
import { parseFen } from '../notation';
import {
  checkPosition,
  listLegalMoves,
  mirrorFiles,
  swapColours,
  turnQuarter,
  type PositionDraft,
} from '../rules';
import { makeExactKey, makeIdeaKey, makeTwinKey } from './puzzleKeys';

function checked(draft: PositionDraft) {
  const result = checkPosition(draft);
  if (!result.ok) throw new Error('no position');
  return result.value;
}

test('colours swapped twice is the position again, with as many moves each time', () => {
  for (const position of randomPositions(3, 200)) {
    const swapped = swapColours(position);
    expect(swapColours(swapped)).toEqual(position);
    expect(listLegalMoves(swapped)).toHaveLength(listLegalMoves(position).length);
    expect(makeTwinKey(swapped)).toBe(makeTwinKey(position));
  }
});

test('counters and a passed square nobody can use do not make another puzzle; a usable one does', () => {
  const key = (fen: string) => makeExactKey(positionOf(fen));
  expect(key('4k3/8/8/3p4/8/8/8/4K3 w - d6 0 1')).toBe(key('4k3/8/8/3p4/8/8/8/4K3 w - - 7 30'));
  expect(key('4k3/8/8/3pP3/8/8/8/4K3 w - d6 0 1')).not.toBe(key('4k3/8/8/3pP3/8/8/8/4K3 w - - 0 1'));
});

test('left and right make a twin where nobody may castle, a turned board where no pawn stands', () => {
  let mirrored = 0;
  for (const position of randomPositions(5, 200)) {
    const { white, black } = position.castling;
    if (white.short || white.long || black.short || black.long) continue;
    mirrored += 1;
    expect(makeTwinKey(checked(mirrorFiles(position)))).toBe(makeTwinKey(position));
  }
  expect(mirrored).toBeGreaterThan(20);
  const bare = positionOf('5k2/8/5K2/8/8/8/8/R7 w - - 0 1');
  const keys = new Set<string>();
  let at: PositionDraft | undefined = bare;
  for (let quarter = 0; quarter < 4; quarter += 1) {
    keys.add(makeTwinKey(checked(at)));
    keys.add(makeTwinKey(swapColours(checked(mirrorFiles(at)))));
    at = turnQuarter(at);
    if (at === undefined) throw new Error('no pawn stands in the way');
  }
  expect(keys.size).toBe(1);
});

test('what is not the same puzzle has another key', () => {
  const key = (fen: string) => makeTwinKey(positionOf(fen));
  const home = '6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1';
  for (const other of [
    '6k1/5ppp/8/8/8/8/8/R5K1 b - - 0 1',
    '6k1/5ppp/8/8/8/8/8/1R4K1 w - - 0 1',
    '6k1/5pp1/7p/8/8/8/8/R5K1 w - - 0 1',
    '6k1/5ppp/8/8/8/8/8/Q5K1 w - - 0 1',
  ]) {
    expect(key(other)).not.toBe(key(home));
  }
  // With castling rights left and right are not alike.
  const castling = positionOf('4k3/8/8/8/8/8/8/4K2R w K - 0 1');
  expect(makeTwinKey(castling)).not.toBe(makeTwinKey(checked(mirrorFiles(castling))));
});

test('the idea is the winner’s moves against the king’s square, whatever else stands about', () => {
  const idea = (fen: string, ...line: string[]) => makeIdeaKey(positionOf(fen), line);
  const plain = idea('6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1', 'a1a8');
  expect(idea('6k1/1p3ppp/8/8/8/2N5/5PPP/R5K1 w - - 0 1', 'a1a8')).toBe(plain);
  // Mirrored, and for Black.
  expect(idea('1k6/ppp5/8/8/8/8/8/1K5R w - - 0 1', 'h1h8')).toBe(plain);
  expect(idea('r5k1/8/8/8/8/8/5PPP/6K1 b - - 0 1', 'a8a1')).toBe(plain);
  expect(idea('6k1/5ppp/8/8/8/8/8/1R4K1 w - - 0 1', 'b1b8')).not.toBe(plain);
  expect(idea('6k1/5ppp/8/8/8/8/8/Q5K1 w - - 0 1', 'a1a8')).not.toBe(plain);
  // What is answered does not matter, what follows does.
  const two = idea('6k1/5ppp/8/8/8/8/R7/6K1 w - - 0 1', 'a2a7', 'h7h6', 'a7a8');
  expect(idea('6k1/5ppp/8/8/8/8/R7/6K1 w - - 0 1', 'a2a7', 'g7g6', 'a7a8')).toBe(two);
  expect(two).not.toBe(idea('6k1/5ppp/8/8/8/8/R7/6K1 w - - 0 1', 'a2a6', 'h7h6', 'a6a8'));
  // Without pawns a turned board is the same.
  const corner = idea('k7/8/1K6/8/8/8/8/7R w - - 0 1', 'h1h8');
  const draft = parseFen('k7/8/1K6/8/8/8/8/7R w - - 0 1');
  if (!draft.ok) throw new Error('a FEN');
  const turned = turnQuarter(draft.value);
  if (turned === undefined) throw new Error('no pawns');
  // h1-h8 turned clockwise is a1-h1.
  expect(makeIdeaKey(checked(turned), ['a1h1'])).toBe(corner);
});
