/** A club's own mates: what is marked is recognised in all symmetries, what is not marked does not matter. */
import { makeSquareName, parseSquareName } from '../board';
import { getPosition, makeFen } from '../notation';
import { mirrorFiles, swapColours, turnQuarter, type PositionDraft } from '../rules';
import {
  BARE_PICTURES,
  clubPictureSchema,
  defineClubPattern,
  listMarkable,
  listUsuallyMarked,
  makeClubPicture,
  matchPatterns,
  PATTERN_IDS,
  type ClubPicture,
} from '.';

const at = (name: string) => parseSquareName(name) ?? -1;
const ARABIAN = '7k/7R/5N2/8/8/8/8/6K1 b - - 0 1';

function pictureOf(fen: string, ...marked: string[]): ClubPicture {
  const made = makeClubPicture(getPosition(fen), marked.map(at));
  if (!made.ok) throw new Error(made.error.code);
  return made.value;
}
const fits = (picture: ClubPicture, draft: PositionDraft) =>
  matchPatterns(getPosition(makeFen(draft)), [defineClubPattern('ours', picture)]).length > 0;

test('what is marked is recognised in both colours, on both wings and in every quarter-turn', () => {
  const picture = pictureOf(ARABIAN, 'f6');
  expect(picture).toEqual({
    checker: { role: 'rook', at: [0, -1] },
    men: [{ role: 'knight', at: [-2, -2] }],
    blocked: [],
  });
  let draft: PositionDraft | undefined = getPosition(ARABIAN);
  for (let quarter = 0; quarter < 4 && draft !== undefined; quarter += 1) {
    expect(fits(picture, draft)).toBe(true);
    expect(fits(picture, mirrorFiles(draft))).toBe(true);
    expect(fits(picture, swapColours(draft))).toBe(true);
    draft = turnQuarter(draft);
  }
  // The other rook's square, or a bishop in the knight's place, is another picture.
  expect(fits(picture, getPosition('6Rk/8/6K1/8/8/8/8/8 b - - 0 1'))).toBe(false);
});

test('with a pawn of the mating side the board is not turned by a quarter', () => {
  const lolli = pictureOf('6k1/6Q1/5P2/8/8/8/8/6K1 b - - 0 1', 'f6');
  expect(fits(lolli, getPosition('1k6/1Q6/2P5/8/8/8/8/6K1 b - - 0 1'))).toBe(true);
  expect(fits(lolli, swapColours(getPosition('6k1/6Q1/5P2/8/8/8/8/6K1 b - - 0 1')))).toBe(true);
  // Held by a bishop instead: not this picture.
  expect(fits(lolli, getPosition('6k1/6Q1/5B2/8/8/8/8/6K1 b - - 0 1'))).toBe(false);
});

test('what is not marked does not matter, what is marked as blocked does', () => {
  const loose = pictureOf('3Rk3/5p2/8/6B1/8/8/8/6K1 b - - 0 1', 'g5');
  const narrow = pictureOf('3Rk3/5p2/8/6B1/8/8/8/6K1 b - - 0 1', 'g5', 'f7');
  const guarded = getPosition('3Rk3/8/6P1/6B1/8/8/8/6K1 b - - 0 1');
  expect([fits(loose, guarded), fits(narrow, guarded)]).toEqual([true, false]);
});

test('what may be marked, and what usually is: men that are needed, and men that block', () => {
  const position = getPosition('3Rk3/5p2/8/N5B1/8/8/8/6K1 b - - 0 1');
  const names = (squares: readonly number[]) => squares.map(makeSquareName).sort();
  expect(names(listMarkable(position))).toEqual(['a5', 'f7', 'g1', 'g5']);
  expect(names(listUsuallyMarked(position))).toEqual(['f7', 'g5']);
  expect(listMarkable(getPosition('4k3/8/8/8/8/8/8/4K3 w - - 0 1'))).toEqual([]);
});

test.each(PATTERN_IDS)('%s as a picture of the club is recognised where it was marked', (id) => {
  const position = getPosition(BARE_PICTURES[id]);
  const made = makeClubPicture(position, listUsuallyMarked(position));
  if (!made.ok) throw new Error(made.error.code);
  // It survives being stored.
  const stored = clubPictureSchema.parse(JSON.parse(JSON.stringify(made.value)));
  expect(fits(stored, position)).toBe(true);
  expect(fits(stored, swapColours(position))).toBe(true);
});

test('no mate and a double check make no picture, and say so', () => {
  expect(makeClubPicture(getPosition('4k3/8/8/8/8/8/8/R3K3 w - - 0 1'), [])).toEqual({
    ok: false,
    error: { code: 'pattern/no-mate' },
  });
  const double = getPosition('6rk/8/8/7R/8/8/1B6/5K2 b - - 0 1');
  expect(makeClubPicture(double, [])).toEqual({ ok: false, error: { code: 'pattern/double-check' } });
});
