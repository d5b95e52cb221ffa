/**
 * Who is asking: every route, page and action learns it here. What the actor may touch is asked in actors.ts by the
 * services, which take the actor as their first parameter.
 */
import 'server-only';
import { cache } from 'react';
import { v4 as makeUuid } from 'uuid';
import type { z } from 'zod';
import type { ServiceFault } from '@/contracts/faults';
import type { CoachId, StudentId } from '@/contracts/ids';
import { failure, success, type Result } from '@/core/shared';
import { findCoach, findStudent } from '../data/people';
import { createSession, deleteOldSessions, deleteSession, findSessionPerson } from '../data/sessions';
import { toCoachActor, type CoachActor, type StudentActor } from './actors';
import { getDb } from '../db';
import { LIFETIME_SECONDS, openSession, readSession, type SessionKind } from './sessions';

/** The signed-in coach of this request, read anew from the database; undefined for anybody else. */
export const findCoachActor = cache(async (): Promise<CoachActor | undefined> => {
  const personId = await findSignedIn('coach');
  const coach = personId === undefined ? undefined : await findCoach(getDb(), personId as CoachId);
  return coach && toCoachActor(coach);
});

/** The signed-in student of this request, read anew from the database; undefined for anybody else. */
export const findStudentActor = cache(async (): Promise<StudentActor | undefined> => {
  const personId = await findSignedIn('seat');
  const student = personId === undefined ? undefined : await findStudent(getDb(), personId as StudentId);
  if (student === undefined) return undefined;
  return { kind: 'student', studentId: student.studentId, clubId: student.clubId, name: student.name };
});

async function findSignedIn(kind: SessionKind): Promise<number | undefined> {
  const { sessionId } = await readSession(kind);
  return sessionId === undefined ? undefined : findSessionPerson(getDb(), sessionId, oldestOf(kind));
}

const oldestOf = (kind: SessionKind) => new Date(Date.now() - LIFETIME_SECONDS[kind] * 1000);

/** The session a coach is signed in with on this device. */
export async function findOwnSession(): Promise<string | undefined> {
  return (await readSession('coach')).sessionId;
}

/** Starts a session after the secret was found right. */
export async function startSession(kind: SessionKind, personId: number): Promise<void> {
  const sessionId = makeUuid();
  await deleteOldSessions(getDb(), personId, oldestOf(kind));
  await createSession(getDb(), { sessionId, personId, startedAt: new Date() });
  const session = await openSession(kind);
  // Who was signed in here before is not any more.
  if (session.sessionId !== undefined) await deleteSession(getDb(), session.sessionId);
  session.sessionId = sessionId;
  await session.save();
}

/** Ends it here and on the server, where a copy of the cookie would still open the door. */
export async function endSession(kind: SessionKind): Promise<void> {
  const session = await openSession(kind);
  if (session.sessionId !== undefined) await deleteSession(getDb(), session.sessionId);
  session.destroy();
}

/** Carries out a coach's request: signed in, input parsed, then the work. Every coach action passes here. */
export async function runAsCoach<Input, Value>(
  schema: z.ZodType<Input>,
  input: unknown,
  work: (actor: CoachActor, input: Input) => Promise<Result<Value, ServiceFault>>,
): Promise<Result<Value, ServiceFault>> {
  return runAs(await findCoachActor(), schema, input, work);
}

/** The same for a student's request. */
export async function runAsStudent<Input, Value>(
  schema: z.ZodType<Input>,
  input: unknown,
  work: (actor: StudentActor, input: Input) => Promise<Result<Value, ServiceFault>>,
): Promise<Result<Value, ServiceFault>> {
  return runAs(await findStudentActor(), schema, input, work);
}

async function runAs<Actor, Input, Value>(
  actor: Actor | undefined,
  schema: z.ZodType<Input>,
  input: unknown,
  work: (actor: Actor, input: Input) => Promise<Result<Value, ServiceFault>>,
): Promise<Result<Value, ServiceFault>> {
  if (actor === undefined) return failure({ code: 'access/not-signed-in' });
  const parsed = parseInput(schema, input);
  return parsed.ok ? work(actor, parsed.value) : parsed;
}

/** Parses what came over the wire; names the fields that are not valid. */
export function parseInput<Input>(schema: z.ZodType<Input>, input: unknown): Result<Input, ServiceFault> {
  const parsed = schema.safeParse(input);
  if (parsed.success) return success(parsed.data);
  const fields = [...new Set(parsed.error.issues.map(({ path }) => String(path[0] ?? 'input')))];
  return failure({ code: 'input/not-valid', fields });
}
