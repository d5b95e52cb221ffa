/** What is taken back can be played again, and leads to where it was taken back from. */
import { makeSquareName } from '../board';
import { getDraft, getPosition, makeFen } from '../notation';
import { listLegalMoves, playMove } from '../rules';
import { createRandom } from '../shared';
import { retractAtRandom } from './retract';

/** The men alone: counters and rights differ. */
const boardOf = (fen: string) => fen.split(' ')[0];

const PLACES = [
  'r1bq1rk1/ppp2ppp/2n2n2/3pp3/1b2P3/2NP1N2/PPPB1PPP/R2QKB1R b KQ - 0 7',
  '6k1/8/3P1p2/8/4P3/2N5/5PPP/6K1 b - - 0 1',
  'R5k1/5ppp/8/8/8/8/8/6K1 b - - 0 1',
  '8/8/2k5/3pP3/8/8/8/3K4 w - - 0 1',
];

test.each(PLACES)('%s: some move of the position before leads to it', (fen) => {
  const random = createRandom(11);
  const position = getPosition(fen);
  let found = 0;
  for (let count = 0; count < 300; count += 1) {
    const back = retractAtRandom(random, position);
    if (back === undefined) continue;
    found += 1;
    expect(back.position.turn).not.toBe(position.turn);
    expect(back.position.board[back.to]?.role ?? 'nobody').toBe(back.taken);
    const after = listLegalMoves(back.position)
      .filter(({ to }) => to === back.to)
      .map((move) => boardOf(makeFen(playMove(back.position, move))));
    expect(after).toContain(boardOf(fen));
  }
  expect(found).toBeGreaterThan(20);
});

test('the man that moved and what it took can be asked for', () => {
  const position = getPosition('R5k1/5ppp/8/8/8/8/8/6K1 b - - 0 1');
  const random = createRandom(3);
  for (let count = 0; count < 100; count += 1) {
    const back = retractAtRandom(random, position, { square: 56, taken: ['knight'] });
    if (back === undefined) continue;
    expect(makeSquareName(back.to)).toBe('a8');
    expect(back.position.board[56]).toEqual({ side: 'black', role: 'knight' });
  }
  expect(retractAtRandom(random, position, { square: 62 })).toBeUndefined();
});

test('a pawn that took came from a neighbouring file, and none comes from the first rank', () => {
  const position = { ...getDraft('6k1/8/8/8/8/8/4P3/6K1 b - - 0 1') };
  const legal = getPosition(makeFen(position));
  const random = createRandom(5);
  // On its home square it has not moved.
  for (let count = 0; count < 50; count += 1)
    expect(retractAtRandom(random, legal, { square: 12 })).toBeUndefined();
});
