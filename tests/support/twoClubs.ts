/** Two clubs side by side with the same in each, and what a browser of each person brings along. */
import { sealData } from 'iron-session';
import { v4 as makeUuid } from 'uuid';
import type { ClubId, CoachId, StudentId } from '@/contracts/ids';
import type { CoachActor } from '@/server/auth/actors';
import { sessionOptions } from '@/server/auth/seal';
import { hashPassword } from '@/server/auth/secrets';
import { createSession } from '@/server/data/sessions';
import { getDb, withTransaction } from '@/server/db';
import { getEnv } from '@/server/env';
import { setPost } from '@/server/services/classes';
import { addCoach, getCoachActor } from '@/server/services/coaches';
import { openSeatRound } from '@/server/services/seat';
import { giveSet } from '@/server/services/sets';
import { openClub } from '@/server/services/setUpClub';
import { makeClass, makeClub, makeSet, MATE_IN_1, MATE_IN_2, PASSWORD, valueOf } from './database';

export const ROLES = ['nobody', 'child', 'assistant', 'coach', 'lead'] as const;
export type Role = (typeof ROLES)[number];

/** Seen by nobody of the own club. */
export const OTHER_CHILD = 'Zephyrine';

export interface Club {
  readonly clubId: ClubId;
  readonly personOf: Readonly<Record<Role, CoachId | StudentId | undefined>>;
}

async function fillClub(
  { lead, coach }: Readonly<Record<'lead' | 'coach', CoachActor>>,
  assistant: CoachActor,
  child: string,
): Promise<Club> {
  const { classId, student } = await makeClass(coach, child);
  valueOf(await setPost(lead, { classId, coachId: assistant.coachId, post: 'assistant' }));
  const setId = await makeSet(coach, [MATE_IN_1, MATE_IN_2]);
  const assignmentId = valueOf(await giveSet(coach, { requestId: makeUuid(), setId, classId }));
  valueOf(await openSeatRound(student, assignmentId));
  const { coachId, clubId } = lead;
  return {
    clubId,
    personOf: {
      nobody: undefined,
      child: student.studentId,
      assistant: assistant.coachId,
      coach: coach.coachId,
      lead: coachId,
    },
  };
}

/** `own` is whose people ask; nobody there may see or change anything of the `other`, whose only child has a name that nobody else has. */
export async function makeClubs(): Promise<{ readonly own: Club; readonly other: Club }> {
  const first = await makeClub();
  const secretHash = await hashPassword(PASSWORD);
  const input = { clubName: 'Ravenfell Chess Club', timeZone: 'UTC', leadName: 'Ulla', signInName: 'ulla' };
  await withTransaction((db) => openClub(db, input, secretHash));
  const second = await getCoachActor('ulla');
  const add = async (lead: CoachActor, signInName: string) => {
    valueOf(await addCoach(lead, { name: signInName, signInName, password: PASSWORD }));
    return getCoachActor(signInName);
  };
  return {
    other: await fillClub(first, await add(first.lead, 'ines'), OTHER_CHILD),
    own: await fillClub({ lead: second, coach: await add(second, 'oda') }, await add(second, 'ivo'), 'Pip'),
  };
}

/** The session's cookie of whoever has this role; undefined for nobody. */
export async function makeCookie(
  role: Role,
  personOf: Club['personOf'],
): Promise<{ readonly name: string; readonly value: string } | undefined> {
  const personId = personOf[role];
  if (personId === undefined) return undefined;
  const { SESSION_SECRET, ORIGIN } = getEnv();
  const { cookieName, password, ttl } = sessionOptions(
    role === 'child' ? 'seat' : 'coach',
    SESSION_SECRET,
    ORIGIN,
  );
  const sessionId = makeUuid();
  await createSession(getDb(), { sessionId, personId, startedAt: new Date() });
  return { name: cookieName, value: await sealData({ sessionId }, { password, ttl }) };
}

/** Numbers that stand for something in one of the two clubs, by the name of a field: `classId` is a class. */
export async function listIds(): Promise<(field: string) => readonly number[]> {
  const db = getDb();
  const tables = {
    class: 'classes',
    student: 'people',
    coach: 'people',
    live: 'live_lessons',
    plan: 'lesson_plans',
  };
  const known = new Map<string, readonly number[]>();
  for (const word of [
    'set',
    'task',
    'assignment',
    'round',
    'term',
    'game',
    'lesson',
    'email',
    'roster_change',
  ])
    known.set(word, (await db(`${word}s`).orderBy('id').limit(40).pluck('id')) as number[]);
  for (const [word, table] of Object.entries(tables))
    known.set(word, (await db(table).orderBy('id').limit(40).pluck('id')) as number[]);
  return (field) => {
    const word = /^(?:\w*?)([a-z]+)Ids?$/i.exec(field)?.[1]?.toLowerCase();
    return word === undefined ? [] : (known.get(word) ?? [1, 2, 3]);
  };
}
