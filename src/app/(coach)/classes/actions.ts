'use server';
import { revalidatePath } from 'next/cache';
import type { ServiceFault } from '@/contracts/faults';
import type { ClassId, TermId } from '@/contracts/ids';
import {
  classLevelSchema,
  classPostSchema,
  newClassSchema,
  newStudentSchema,
  renameStudentSchema,
  rosterStudentSchema,
  type KeyPicture,
} from '@/contracts/people';
import { classPathSchema, studentStageSchema } from '@/contracts/paths';
import { eraseStudentSchema } from '@/contracts/records';
import { addChildrenSchema, rosterTextSchema, type ReadRoster } from '@/contracts/roster';
import {
  changedTermSchema,
  newTermSchema,
  rosterChangeSchema,
  undoRosterChangeSchema,
  type MadeRosterChange,
} from '@/contracts/terms';
import type { Result } from '@/core/shared';
import { runAsCoach } from '@/server/auth/access';
import {
  addClass,
  addStudent,
  giveNewKey,
  removeStudent,
  renameOwnStudent,
  setLevel,
  setPost,
  unlockStudent,
  type NewKey,
} from '@/server/services/classes';
import { saveClassPath, setStudentStage } from '@/server/services/paths';
import { eraseStudent } from '@/server/services/records';
import { addStudents, readRoster } from '@/server/services/roster';
import { changeRoster, undoRosterChange } from '@/server/services/rosterChanges';
import { addTerm, saveTerm } from '@/server/services/terms';

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

export async function unlockStudentAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  const result = await runAsCoach(rosterStudentSchema, input, unlockStudent);
  revalidatePath('/classes', 'layout');
  return result;
}

export async function setPostAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  return runAsCoach(classPostSchema, input, setPost);
}

export async function setLevelAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  return runAsCoach(classLevelSchema, input, setLevel);
}

export async function readRosterAction(input: unknown): Promise<Result<ReadRoster, ServiceFault>> {
  return runAsCoach(rosterTextSchema, input, readRoster);
}

export async function addStudentsAction(input: unknown): Promise<Result<readonly NewKey[], ServiceFault>> {
  return runAsCoach(addChildrenSchema, input, addStudents);
}

export async function addTermAction(input: unknown): Promise<Result<TermId, ServiceFault>> {
  const result = await runAsCoach(newTermSchema, input, addTerm);
  revalidatePath('/classes', 'layout');
  return result;
}

export async function saveTermAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  const result = await runAsCoach(changedTermSchema, input, saveTerm);
  revalidatePath('/classes', 'layout');
  return result;
}

export async function changeRosterAction(input: unknown): Promise<Result<MadeRosterChange, ServiceFault>> {
  const result = await runAsCoach(rosterChangeSchema, input, changeRoster);
  revalidatePath('/classes', 'layout');
  return result;
}

export async function undoRosterChangeAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  const result = await runAsCoach(undoRosterChangeSchema, input, undoRosterChange);
  revalidatePath('/classes', 'layout');
  return result;
}

export async function eraseStudentAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  const result = await runAsCoach(eraseStudentSchema, input, eraseStudent);
  revalidatePath('/classes', 'layout');
  return result;
}
