import { PERFT, positionOf } from '../../../tests/fixtures/positions';
import { searchPerft } from '.';

/** The published counts at full depth; minutes, so only with --long. */
test.each(PERFT)(
  '$fen to the last published depth',
  ({ fen, counts }) => {
    expect(searchPerft(positionOf(fen), counts.length)).toBe(counts.at(-1));
  },
  600_000,
);
