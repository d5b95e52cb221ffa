import { positionOf, randomPositions } from '../../../tests/fixtures/positions';
import { listLegalMoves } from '../rules';
import { swapColours } from '../rules';
import { makeExactKey, makeTwinKey } from './puzzleKeys';

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
