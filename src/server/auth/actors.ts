/** Who may do what: the actors every service takes first, and the questions asked of them. */
import type { ClassId, ClubId, CoachId, SetId, StudentId } from '@/contracts/ids';
import { findClass, isCoachOfClass, type ClassRecord } from '../data/classes';
import type { CoachRecord } from '../data/people';
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

/** A stored coach as whoever asks. */
export function toCoachActor({ coachId, clubId, isLead, name }: CoachRecord): CoachActor {
  return { kind: 'coach', coachId, clubId, isLead, name };
}

/** The class when this coach may work with it: a lead with every class of the club, a coach with those taught. */
export async function findOwnClass(
  db: Db,
  actor: CoachActor,
  classId: ClassId,
): Promise<ClassRecord | undefined> {
  const found = await findClass(db, classId);
  if (found === undefined || found.clubId !== actor.clubId) return undefined;
  if (!actor.isLead && !(await isCoachOfClass(db, classId, actor.coachId))) return undefined;
  return found;
}

/** The set when it belongs to the coach's club: coaches of a club share their sets. */
export async function findOwnSet(db: Db, actor: CoachActor, setId: SetId): Promise<SetRecord | undefined> {
  const found = await findSet(db, setId);
  return found?.clubId === actor.clubId ? found : undefined;
}
