/** Staircases: every stair proved on its own, thinner pictures keep the solution, the whole mate stands at the top. */
import { getPosition, makeMoveText } from '../notation';
import { defineClubPattern, listUsuallyMarked, makeClubPicture } from '../patterns';
import { listMatingMovesSlowly } from '../proof';
import { playMove } from '../rules';
import { createTaskSearches, makeStaircase, type Stair } from '.';

const searches = createTaskSearches();

/** The Vienna finish of 1910, mate in three; the Paris one of 1858, mate in two; the books' smothered mate (from memory). */
const RETI = 'rnb1kb1r/pp3ppp/2p5/4q3/4n3/3Q4/PPPB1PPP/2KR1BNR w kq - 0 9';
const OPERA = '4kb1r/p2n1ppp/4q3/4p1B1/4P3/1Q6/PPP2PPP/2KR4 w k - 1 16';
const SMOTHERED = 'n4r1k/6pp/p6N/1p6/2Q5/1P6/P4PPP/6Kb w - - 0 1';
const LONG = '1Q6/4k3/4p3/N7/6p1/6P1/P4PK1/5R1R w - - 0 1';

function climb(fen: string): readonly Stair[] {
  const made = makeStaircase(searches, getPosition(fen), { maxMoves: 6 });
  if (made.kind !== 'staircase') throw new Error(made.kind);
  return made.stairs;
}
const ofKind = (stairs: readonly Stair[], kind: Stair['kind']) =>
  stairs.filter((stair) => stair.kind === kind);
const countMen = (fen: string) => fen.split(' ')[0]?.replace(/[^a-z]/gi, '').length ?? 0;

describe.each([RETI, OPERA, SMOTHERED, LONG])('up to %s', (fen) => {
  const stairs = climb(fen);

  test('the line is climbed from the last move to the whole mate, none left out', () => {
    const line = ofKind(stairs, 'line');
    expect(line.map(({ mateInMoves }) => mateInMoves)).toEqual(line.map((_, index) => index + 1));
    const [board, turn, castling] = fen.split(' ');
    expect(line.at(-1)?.fen).toBe(`${board} ${turn} ${castling} - 0 1`);
    const lengths = stairs.map(({ mateInMoves }) => mateInMoves);
    expect(lengths).toEqual(lengths.toSorted((one, other) => one - other));
  });

  test('each stair is a mate of its length by its key, as the slow prover finds too', () => {
    for (const { fen: stair, mateInMoves, key, isOnlyKey } of stairs) {
      const position = getPosition(stair);
      expect(searches.mate.findLength(position, mateInMoves)).toBe(mateInMoves);
      if (mateInMoves > 2) continue;
      const keys = listMatingMovesSlowly(position, mateInMoves).map(makeMoveText);
      expect(keys).toContain(key);
      expect(keys.length === 1).toBe(isOnlyKey);
    }
  });

  test('a thin picture has the key of its stair in the line, with so many men fewer', () => {
    const line = ofKind(stairs, 'line');
    for (const thin of ofKind(stairs, 'thin')) {
      const full = line.find(({ mateInMoves }) => mateInMoves === thin.mateInMoves);
      expect(thin.key).toBe(full?.key);
      expect(countMen(full?.fen ?? '') - countMen(thin.fen)).toBe(thin.men);
      expect(thin.men).toBeGreaterThanOrEqual(2);
    }
  });
});

test('the bare idea of a smothered mate is left when every spare man is off', () => {
  const thin = ofKind(climb(SMOTHERED), 'thin');
  expect(thin.map(({ fen }) => fen.split(' ')[0])).toEqual([
    '6rk/6pp/7N/8/8/8/8/6K1',
    '5r1k/6pp/7N/8/2Q5/8/8/6K1',
  ]);
  expect(thin[1]?.tags).toContainEqual({ id: 'smothered', reading: 'strict', how: 'the' });
});

test('another defence that lasts as long makes a side stair with a key of its own', () => {
  const sides = ofKind(climb(RETI), 'side');
  expect(sides.map(({ key }) => key)).toContain('d1d8');
  expect(sides[0]?.tags).toContainEqual({ id: 'opera', reading: 'strict', how: 'the' });
});

test('a fuller board keeps length and key, and is the same each time', () => {
  const [full] = ofKind(climb(OPERA), 'full');
  expect(full?.men).toBe(4);
  expect(full?.key).toBe('b3b8');
  expect(full?.fen).toBe(ofKind(climb(OPERA), 'full')[0]?.fen);
  expect(listMatingMovesSlowly(getPosition(full?.fen ?? ''), 2).map(makeMoveText)).toEqual(['b3b8']);
});

test('a name of the club’s own is told on every stair whose longest defences end in it', () => {
  const end = listMainLineEnd(OPERA);
  const picture = makeClubPicture(end, listUsuallyMarked(end));
  if (!picture.ok) throw new Error(picture.error.code);
  const made = makeStaircase(searches, getPosition(OPERA), {
    maxMoves: 6,
    ours: [defineClubPattern('Harbour gate', picture.value)],
  });
  if (made.kind !== 'staircase') throw new Error(made.kind);
  const line = ofKind(made.stairs, 'line');
  expect(line.map(({ ourTags }) => ourTags?.map(({ id }) => id))).toEqual(line.map(() => ['Harbour gate']));
  expect(climb(OPERA).every(({ ourTags }) => ourTags === undefined || ourTags.length === 0)).toBe(true);
});

/** The mate its main line ends in. */
function listMainLineEnd(fen: string) {
  const home = getPosition(fen);
  const proved = searches.mate.prove(home, { maxMoves: 6 });
  if (proved.kind !== 'mate') throw new Error(proved.kind);
  return proved.line.reduce(playMove, home);
}

test('without a mate there is no staircase, and Stop leaves what was worked out', () => {
  const quiet = makeStaircase(searches, getPosition('4k3/8/8/8/8/8/4P3/4K3 w - - 0 1'), { maxMoves: 2 });
  expect(quiet).toMatchObject({ kind: 'none', within: 2 });
  const stopped = makeStaircase(searches, getPosition(RETI), { maxMoves: 4 }, (done) =>
    done < 1 ? 'go' : 'stop',
  );
  if (stopped.kind !== 'staircase') throw new Error(stopped.kind);
  expect(ofKind(stopped.stairs, 'line').map(({ mateInMoves }) => mateInMoves)).toEqual([1]);
  expect(ofKind(stopped.stairs, 'full')).toEqual([]);
});
