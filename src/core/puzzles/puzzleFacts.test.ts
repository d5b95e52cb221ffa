import { positionOf, randomPositions } from '../../../tests/fixtures/positions';
import { checkPosition, mirrorFiles, swapColours } from '../rules';
import { boundsOfLevel, gradePuzzle, levelOfNumber, wingOf } from '.';

test('the wing is where the king stands that is to be mated, whoever mates; a mirror exchanges it, colours do not', () => {
  expect(wingOf(positionOf('3k4/8/8/8/8/8/8/R3K3 w - - 0 1'))).toBe('queen');
  expect(wingOf(positionOf('3k4/8/8/8/8/8/8/R3K3 b - - 0 1'))).toBe('king');
  for (const position of randomPositions(7, 100)) {
    const mirrored = checkPosition(mirrorFiles(position));
    if (mirrored.ok) expect(wingOf(mirrored.value)).not.toBe(wingOf(position));
    expect(wingOf(swapColours(position))).toBe(wingOf(position));
  }
});

test('every number has one level, and the bounds of the levels meet', () => {
  for (let number = -100; number <= 2000; number += 7) {
    const inside = ([1, 2, 3, 4, 5] as const).filter((level) => {
      const [from, below] = boundsOfLevel(level);
      return number >= (from ?? -Infinity) && number < (below ?? Infinity);
    });
    expect(inside).toEqual([levelOfNumber(number)]);
  }
  const features = {
    length: 2,
    quietMoves: 0,
    legalMoves: 30,
    failingChecks: 1,
    defences: 3,
    men: 16,
    sacrifice: 0,
    distance: 2,
    promotion: 'none',
    picture: 'named',
  } as const;
  const { level, number } = gradePuzzle(features);
  expect(levelOfNumber(number)).toBe(level);
});
