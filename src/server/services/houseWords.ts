import type { ServiceFault } from '@/contracts/faults';
import type { ClassId, ClubId } from '@/contracts/ids';
import type { HouseWord, HouseWordsPage, SaveHouseWords, SpokenWords } from '@/contracts/houseWords';
import { failure, success, type Result } from '@/core/shared';
import { requireEditableClass, type CoachActor, type StudentActor } from '../auth/actors';
import { addAuditEntry } from '../data/auditLog';
import { findClassOfStudent } from '../data/classes';
import { getReadingLevel, listHouseWords, replaceHouseWords, saveReadingLevel } from '../data/houseWords';
import { getDb, withTransaction, type Db } from '../db';
import { getNow } from './clock';
import { listOwnClasses } from './classes';
import { makeTerms, type Terms } from '@/text';

/** What is spoken to a student: the words of the class before those of the club. */
export async function getSeatWords(actor: StudentActor): Promise<SpokenWords> {
  const db = getDb();
  const found = await findClassOfStudent(db, actor.studentId);
  return found === undefined
    ? { words: await listHouseWords(db, actor.clubId, null), readingLevel: 'full' }
    : getClassWords(db, actor.clubId, found.classId);
}

/** What is spoken to a class, at its seats and at the big board. */
export async function getClassWords(db: Db, clubId: ClubId, classId: ClassId): Promise<SpokenWords> {
  return {
    words: await listSpokenWords(db, clubId, classId),
    readingLevel: await getReadingLevel(db, classId),
  };
}

/** The words a class hears: its own before those of the club; without a class those of the club. */
export async function listSpokenWords(
  db: Db,
  clubId: ClubId,
  classId: ClassId | undefined,
): Promise<HouseWord[]> {
  const ofClub = await listHouseWords(db, clubId, null);
  return classId === undefined ? ofClub : joinWords(ofClub, await listHouseWords(db, clubId, classId));
}

function joinWords(ofClub: readonly HouseWord[], ofClass: readonly HouseWord[]): HouseWord[] {
  return [...ofClass, ...ofClub.filter(({ term }) => !ofClass.some((own) => own.term === term))];
}

/** The words of the whole club, as its coaches hear them. */
export async function listClubWords(actor: CoachActor): Promise<HouseWord[]> {
  return listHouseWords(getDb(), actor.clubId, null);
}

/** The terms of the club, for a coach's page that the server draws. */
export const getClubTerms = async (actor: CoachActor): Promise<Terms> =>
  makeTerms(await listClubWords(actor));

/** The terms that a student hears, for a page that the server draws. */
export const getSeatTerms = async (actor: StudentActor): Promise<Terms> =>
  makeTerms((await getSeatWords(actor)).words);

/** The words of the club, and of every class this coach may work with. */
export async function getHouseWordsPage(actor: CoachActor): Promise<HouseWordsPage> {
  const db = getDb();
  const classes = await listOwnClasses(actor);
  return {
    club: await listHouseWords(db, actor.clubId, null),
    classes: await Promise.all(
      classes.map(async ({ classId, name }) => ({
        classId,
        name,
        words: await listHouseWords(db, actor.clubId, classId),
        readingLevel: await getReadingLevel(db, classId),
      })),
    ),
  };
}

/** Words of the whole club are the lead's; those of a class its coach's. The reading level belongs to a class. */
export async function saveHouseWords(
  actor: CoachActor,
  { classId, words, readingLevel }: SaveHouseWords,
): Promise<Result<undefined, ServiceFault>> {
  return withTransaction(async (db) => {
    if (classId === null) {
      if (!actor.isLead) return failure<ServiceFault>({ code: 'access/not-allowed' });
    } else {
      if ((await requireEditableClass(db, actor, classId)) === undefined) {
        return failure<ServiceFault>({ code: 'class/not-found' });
      }
      await saveReadingLevel(db, classId, readingLevel);
    }
    await replaceHouseWords(db, actor.clubId, classId, words);
    await addAuditEntry(db, {
      clubId: actor.clubId,
      personId: actor.coachId,
      action: 'club/words',
      details: { ...(classId === null ? {} : { classId }), words: words.length },
      now: getNow(),
    });
    return success(undefined);
  });
}
