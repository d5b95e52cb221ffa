import { HOUSE_TERMS, READING_LEVELS, type HouseWord, type ReadingLevel } from '@/contracts/houseWords';
import type { ClassId, ClubId } from '@/contracts/ids';
import type { Db } from '../db';

/** Of one and of several, as one text: "ox/oxen"; without the second part it takes an s. */
const SEPARATOR = '/';

/** The words of a club, or those of one class. */
export async function listHouseWords(db: Db, clubId: ClubId, classId: ClassId | null): Promise<HouseWord[]> {
  const rows = await db('house_words')
    .where({ club_id: clubId, class_id: classId })
    .orderBy('id')
    .select('word', 'text');
  return rows.flatMap(({ word, text }) => {
    const term = HOUSE_TERMS.find((one) => one === word);
    const [one = '', many] = text.split(SEPARATOR);
    return term === undefined ? [] : [{ term, one, ...(many === undefined ? {} : { many }) }];
  });
}

/** Puts these words in the place of the ones before; call it in a transaction. */
export async function replaceHouseWords(
  db: Db,
  clubId: ClubId,
  classId: ClassId | null,
  words: readonly HouseWord[],
): Promise<void> {
  await db('house_words').where({ club_id: clubId, class_id: classId }).delete();
  if (words.length === 0) return;
  await db('house_words').insert(
    words.map(({ term, one, many }) => ({
      club_id: clubId,
      class_id: classId,
      word: term,
      text: many === undefined ? one : `${one}${SEPARATOR}${many}`,
    })),
  );
}

/** How much is explained to a class; everything when nothing was said. */
export async function getReadingLevel(db: Db, classId: ClassId): Promise<ReadingLevel> {
  const row = await db('class_voices').where({ class_id: classId }).first('reading_level');
  return READING_LEVELS.find((one) => one === row?.reading_level) ?? 'full';
}

export async function saveReadingLevel(db: Db, classId: ClassId, readingLevel: ReadingLevel): Promise<void> {
  await db('class_voices')
    .insert({ class_id: classId, reading_level: readingLevel })
    .onConflict('class_id')
    .merge();
}
