import { houseWordsSchema } from '@/contracts/houseWords';
import { getHouseWordsPage, getSeatWords, listClubWords, saveHouseWords } from '@/server/services/houseWords';
import { getBoardPage } from '@/server/services/live';
import { makeClass, makeClub, valueOf, withDatabase } from '../support/database';

withDatabase();

test("the words of the class come before those of the club, and the reading level is the class's", async () => {
  const { lead, coach } = await makeClub();
  const { classId, student } = await makeClass(coach);
  expect(await getSeatWords(student)).toEqual({ words: [], readingLevel: 'full' });
  valueOf(
    await saveHouseWords(lead, {
      classId: null,
      words: [
        { term: 'rook', one: 'tower' },
        { term: 'bishop', one: 'ox', many: 'oxen' },
      ],
      readingLevel: 'full',
    }),
  );
  valueOf(
    await saveHouseWords(coach, {
      classId,
      words: [{ term: 'rook', one: 'castle' }],
      readingLevel: 'short',
    }),
  );
  expect(await getSeatWords(student)).toEqual({
    words: [
      { term: 'rook', one: 'castle' },
      { term: 'bishop', one: 'ox', many: 'oxen' },
    ],
    readingLevel: 'short',
  });
  // The big board speaks to the class; coaches hear the club's words, and see those of each class.
  expect(valueOf(await getBoardPage(coach, classId)).spoken).toEqual(await getSeatWords(student));
  expect(await listClubWords(coach)).toHaveLength(2);
  expect((await getHouseWordsPage(coach)).classes).toMatchObject([
    { classId, words: [{ term: 'rook', one: 'castle' }], readingLevel: 'short' },
  ]);
});

test('words are replaced as a whole, and taken away the plain ones are spoken again', async () => {
  const { lead, coach } = await makeClub();
  const { student } = await makeClass(coach);
  const save = async (words: Parameters<typeof saveHouseWords>[1]['words']) =>
    valueOf(await saveHouseWords(lead, { classId: null, words, readingLevel: 'full' }));
  await save([{ term: 'rook', one: 'tower' }]);
  await save([{ term: 'knight', one: 'horse' }]);
  expect((await getSeatWords(student)).words).toEqual([{ term: 'knight', one: 'horse' }]);
  await save([]);
  expect((await getSeatWords(student)).words).toEqual([]);
});

test("words of the whole club are the lead's alone", async () => {
  const { coach } = await makeClub();
  expect(
    await saveHouseWords(coach, {
      classId: null,
      words: [{ term: 'rook', one: 'tower' }],
      readingLevel: 'full',
    }),
  ).toEqual({ ok: false, error: { code: 'access/not-allowed' } });
  expect(await listClubWords(coach)).toEqual([]);
});

test('a word with a slash is refused: one and several are stored with one between them', () => {
  const parse = (one: string, many?: string) =>
    houseWordsSchema.safeParse([{ term: 'rook', one, ...(many === undefined ? {} : { many }) }]).success;
  expect(parse('tower', 'towers')).toBe(true);
  expect(parse('tower/castle')).toBe(false);
  expect(parse('tower', 'towers/castles')).toBe(false);
});
