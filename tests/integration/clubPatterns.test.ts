import { v4 as makeUuid } from 'uuid';
import { getPosition } from '@/core/notation';
import { defineClubPattern, matchPatterns } from '@/core/patterns';
import { addClubPattern, listOwnClubPatterns, removeClubPattern } from '@/server/services/clubPatterns';
import { makeClub, valueOf, withDatabase } from '../support/database';

withDatabase();

const OPERA = '3Rk3/5p2/8/6B1/8/8/8/6K1 b - - 0 1';
const name = (requestId = makeUuid(), text = 'The lantern') => ({
  requestId,
  name: text,
  fen: OPERA,
  marked: [38, 53],
});

test('a mate gets a name of the club and is recognised by what was stored', async () => {
  const { coach, lead } = await makeClub();
  valueOf(await addClubPattern(coach, name()));
  // Coaches of a club share them.
  const [pattern] = await listOwnClubPatterns(lead);
  if (pattern === undefined) throw new Error('one is there');
  expect(pattern).toMatchObject({ name: 'The lantern', fen: OPERA });
  const found = matchPatterns(getPosition('4k3/8/8/8/6b1/8/5P2/3rK3 w - - 0 1'), [
    defineClubPattern(pattern.name, pattern.picture),
  ]);
  expect(found).toMatchObject([{ id: 'The lantern', reading: 'strict' }]);
});

test('the same request is stored once, also at once; a second mate of one name is refused', async () => {
  const { coach } = await makeClub();
  const request = name();
  const [one, other] = await Promise.all([addClubPattern(coach, request), addClubPattern(coach, request)]);
  expect(valueOf(one)).toBe(valueOf(other));
  expect(await addClubPattern(coach, name())).toEqual({ ok: false, error: { code: 'pattern/name-taken' } });
  expect(await listOwnClubPatterns(coach)).toHaveLength(1);
});

test('what is no mate or no position gets no name', async () => {
  const { coach } = await makeClub();
  const refused = async (fen: string) => addClubPattern(coach, { ...name(), fen });
  expect(await refused('4k3/8/8/8/8/8/8/R3K3 w - - 0 1')).toMatchObject({
    error: { code: 'pattern/no-mate' },
  });
  expect(await refused('not a fen')).toMatchObject({ ok: false });
  expect(await refused('8/8/8/8/8/8/8/8 w - - 0 1')).toMatchObject({ error: { code: 'position/no-king' } });
  expect(await listOwnClubPatterns(coach)).toEqual([]);
});

test('a name is taken away by its own club alone, and twice is once', async () => {
  const { coach } = await makeClub();
  const clubPatternId = valueOf(await addClubPattern(coach, name()));
  const stranger = { ...coach, clubId: (coach.clubId + 1) as typeof coach.clubId };
  valueOf(await removeClubPattern(stranger, { clubPatternId }));
  expect(await listOwnClubPatterns(stranger)).toEqual([]);
  expect(await listOwnClubPatterns(coach)).toHaveLength(1);
  for (let time = 0; time < 2; time += 1) valueOf(await removeClubPattern(coach, { clubPatternId }));
  expect(await listOwnClubPatterns(coach)).toEqual([]);
});
