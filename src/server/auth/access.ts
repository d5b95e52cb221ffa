/**
 * Who is asking: every route, page and action learns it here. What the actor may touch is asked in actors.ts by the
 * services, which take the actor as their first parameter.
 */
import 'server-only';
import { cache } from 'react';
import { v4 as makeUuid } from 'uuid';
import type { z } from 'zod/mini';
import type { ServiceFault } from '@/contracts/faults';
import type { CoachId, StudentId } from '@/contracts/ids';
import { failure, type Result } from '@/core/shared';
import { findCoachOfSession, findStudentOfSession } from '../data/people';
import { createSession, deleteOldSessions, deleteSession } from '../data/sessions';
import { getDb } from '../db';
import { toCoachActor, toStudentActor, type CoachActor, type StudentActor } from './actors';
import { parseInput } from './parseInput';
import { getOldestStart, type SessionKind } from './seal';
import { openSession, readSession } from './sessions';

/** The signed-in coach of this request, read anew from the database; undefined for anybody else. */
export const findCoachActor = cache(async (): Promise<CoachActor | undefined> => {
  const { sessionId } = await readSession('coach');
  if (sessionId === undefined) return undefined;
  const coach = await findCoachOfSession(getDb(), sessionId, getOldestStart('coach'));
  return coach && toCoachActor(coach);
});

/** The signed-in student of this request, read anew from the database; undefined for anybody else. */
export const findStudentActor = cache(async (): Promise<StudentActor | undefined> => {
  const { sessionId } = await readSession('seat');
  if (sessionId === undefined) return undefined;
  const student = await findStudentOfSession(getDb(), sessionId, getOldestStart('seat'));
  return student && toStudentActor(student);
});

/** The session a coach is signed in with on this device. */
export async function findOwnSession(): Promise<string | undefined> {
  return (await readSession('coach')).sessionId;
}

/** Starts a session after the secret was found right. */
export async function startSession(kind: SessionKind, personId: CoachId | StudentId): Promise<void> {
  const sessionId = makeUuid();
  await deleteOldSessions(getDb(), personId, getOldestStart(kind));
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
  schema: z.ZodMiniType<Input>,
  input: unknown,
  work: (actor: CoachActor, input: Input) => Promise<Result<Value, ServiceFault>>,
): Promise<Result<Value, ServiceFault>> {
  return runAs(await findCoachActor(), schema, input, work);
}

/** The same for a student's request. */
export async function runAsStudent<Input, Value>(
  schema: z.ZodMiniType<Input>,
  input: unknown,
  work: (actor: StudentActor, input: Input) => Promise<Result<Value, ServiceFault>>,
): Promise<Result<Value, ServiceFault>> {
  return runAs(await findStudentActor(), schema, input, work);
}

async function runAs<Actor, Input, Value>(
  actor: Actor | undefined,
  schema: z.ZodMiniType<Input>,
  input: unknown,
  work: (actor: Actor, input: Input) => Promise<Result<Value, ServiceFault>>,
): Promise<Result<Value, ServiceFault>> {
  if (actor === undefined) return failure({ code: 'access/not-signed-in' });
  const parsed = parseInput(schema, input);
  return parsed.ok ? work(actor, parsed.value) : parsed;
}
