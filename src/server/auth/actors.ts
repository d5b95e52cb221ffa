/** Who may do what: the actors every service takes first, and the questions asked of them. */
import type { ClassId, ClubId, CoachId, SetId, StudentId } from '@/contracts/ids';
import { findClass, findClassPost, isCoachOfClass, type ClassRecord } from '../data/classes';
import type { CoachRecord, StudentRecord } from '../data/people';
import { findSet, type SetRecord } from '../data/sets';
import type { Db } from '../db';

export interface CoachActor {
  readonly kind: 'coach';
  readonly coachId: CoachId;
  readonly clubId: ClubId;
  /** A lead sees every class of the club. */
  readonly isLead: boolean;
  readonly name: string;
}

export interface StudentActor {
  readonly kind: 'student';
  readonly studentId: StudentId;
  readonly clubId: ClubId;
  readonly name: string;
}

/** A stored student as whoever asks. */
export function toStudentActor({ studentId, clubId, name }: StudentRecord): StudentActor {
  return { kind: 'student', studentId, clubId, name };
}

/** A stored coach as whoever asks. */
export function toCoachActor({ coachId, clubId, isLead, name }: CoachRecord): CoachActor {
  return { kind: 'coach', coachId, clubId, isLead, name };
}

/** The class when this coach may see it: a lead every class of the club, a coach those taught and those helped in. */
export async function requireVisibleClass(
  db: Db,
  actor: CoachActor,
  classId: ClassId,
): Promise<ClassRecord | undefined> {
  const found = await findClass(db, classId);
  if (found?.clubId !== actor.clubId) return undefined;
  if (actor.isLead || (await findClassPost(db, classId, actor.coachId)) !== undefined) return found;
  return undefined;
}

/** The class when this coach may change it: a lead every class of the club, a coach those taught; an assistant none. */
export async function requireEditableClass(
  db: Db,
  actor: CoachActor,
  classId: ClassId,
): Promise<ClassRecord | undefined> {
  const found = await requireVisibleClass(db, actor, classId);
  if (found === undefined || actor.isLead || (await isCoachOfClass(db, classId, actor.coachId))) return found;
  return undefined;
}

/**
 * All that somebody who helps in a class may change there; everything else needs a coach of it. A key is forgotten and a child locked in the
 * middle of a lesson, attendance is noted at the door, and score sheets are collected by whoever is near.
 */
const ASSISTANT_DEEDS = ['student/new-key', 'student/unlocked', 'attendance/noted', 'game/added'] as const;

/** The class when this coach may do this in it. */
export function findClassFor(
  db: Db,
  actor: CoachActor,
  classId: ClassId,
  deed: string,
): Promise<ClassRecord | undefined> {
  const isForAssistants = ASSISTANT_DEEDS.some((one) => one === deed);
  return isForAssistants ? requireVisibleClass(db, actor, classId) : requireEditableClass(db, actor, classId);
}

/** The set when it belongs to the coach's club: coaches of a club share their sets. */
export async function findOwnSet(db: Db, actor: CoachActor, setId: SetId): Promise<SetRecord | undefined> {
  const found = await findSet(db, setId);
  return found?.clubId === actor.clubId ? found : undefined;
}
