'use server';
import { revalidatePath } from 'next/cache';
import type { ServiceFault } from '@/contracts/faults';
import type { ClassId } from '@/contracts/ids';
import {
  newClassSchema,
  newStudentSchema,
  renameStudentSchema,
  rosterStudentSchema,
  type KeyPicture,
} from '@/contracts/people';
import { classPathSchema, studentStageSchema } from '@/contracts/paths';
import type { Result } from '@/core/shared';
import { runAsCoach } from '@/server/auth/access';
import {
  addClass,
  addStudent,
  giveNewKey,
  removeStudent,
  renameOwnStudent,
  type NewKey,
} from '@/server/services/classes';
import { saveClassPath, setStudentStage } from '@/server/services/paths';

export async function addClassAction(input: unknown): Promise<Result<ClassId, ServiceFault>> {
  const result = await runAsCoach(newClassSchema, input, addClass);
  revalidatePath('/classes');
  return result;
}

export async function saveClassPathAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  return runAsCoach(classPathSchema, input, saveClassPath);
}

export async function setStudentStageAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  return runAsCoach(studentStageSchema, input, setStudentStage);
}

export async function addStudentAction(input: unknown): Promise<Result<NewKey, ServiceFault>> {
  const result = await runAsCoach(newStudentSchema, input, addStudent);
  revalidatePath('/classes', 'layout');
  return result;
}

export async function renameStudentAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  const result = await runAsCoach(renameStudentSchema, input, renameOwnStudent);
  revalidatePath('/classes', 'layout');
  return result;
}

export async function removeStudentAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  const result = await runAsCoach(rosterStudentSchema, input, removeStudent);
  revalidatePath('/classes', 'layout');
  return result;
}

export async function newKeyAction(input: unknown): Promise<Result<readonly KeyPicture[], ServiceFault>> {
  return runAsCoach(rosterStudentSchema, input, giveNewKey);
}
