/**
 * Who is asking: every route, page and action learns it here. What the actor may touch is asked in actors.ts by the
 * services, which take the actor as their first parameter.
 */
import 'server-only';
import { cache } from 'react';
import type { z } from 'zod';
import type { ServiceFault } from '@/contracts/faults';
import type { CoachId, StudentId } from '@/contracts/ids';
import { failure, success, type Result } from '@/core/shared';
import { findCoach, findStudent } from '../data/people';
import { toCoachActor, type CoachActor, type StudentActor } from './actors';
import { getDb } from '../db';
import { openSession, readSession, type SessionKind } from './sessions';

/** The signed-in coach of this request, read anew from the database; undefined for anybody else. */
export const findCoachActor = cache(async (): Promise<CoachActor | undefined> => {
  const session = await readSession('coach');
  if (session.personId === undefined) return undefined;
  const coach = await findCoach(getDb(), session.personId as CoachId);
  if (coach === undefined || coach.sessionEpoch !== session.epoch) return undefined;
  return toCoachActor(coach);
});

/** The signed-in student of this request, read anew from the database; undefined for anybody else. */
export const findStudentActor = cache(async (): Promise<StudentActor | undefined> => {
  const session = await readSession('seat');
  if (session.personId === undefined) return undefined;
  const student = await findStudent(getDb(), session.personId as StudentId);
  if (student === undefined || student.sessionEpoch !== session.epoch) return undefined;
  return { kind: 'student', studentId: student.studentId, clubId: student.clubId, name: student.name };
});

/** Starts a session after the secret was found right. */
export async function startSession(kind: SessionKind, personId: number, epoch: number): Promise<void> {
  const session = await openSession(kind);
  session.personId = personId;
  session.epoch = epoch;
  await session.save();
}

export async function endSession(kind: SessionKind): Promise<void> {
  (await openSession(kind)).destroy();
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
