'use server';
import { revalidatePath } from 'next/cache';
import type { ServiceFault } from '@/contracts/faults';
import type { PlanId } from '@/contracts/ids';
import {
  attendanceSchema,
  catchUpSchema,
  changeLessonSchema,
  newHolidaySchema,
  newPlanSchema,
  removeHolidaySchema,
  removePlanSchema,
  savePlanSchema,
  scheduleSchema,
  type CaughtUp,
} from '@/contracts/lessons';
import type { Result } from '@/core/shared';
import { runAsCoach } from '@/server/auth/access';
import {
  addHoliday,
  changeLesson,
  giveCatchUp,
  noteAttendance,
  removeHoliday,
  scheduleLessons,
} from '@/server/services/lessons';
import { addPlan, removePlan, savePlan } from '@/server/services/plans';

export async function addPlanAction(input: unknown): Promise<Result<PlanId, ServiceFault>> {
  return runAsCoach(newPlanSchema, input, addPlan);
}

export async function savePlanAction(input: unknown): Promise<Result<number, ServiceFault>> {
  return runAsCoach(savePlanSchema, input, savePlan);
}

export async function removePlanAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  const result = await runAsCoach(removePlanSchema, input, removePlan);
  revalidatePath('/classes', 'layout');
  return result;
}

export async function scheduleLessonsAction(input: unknown): Promise<Result<number, ServiceFault>> {
  const result = await runAsCoach(scheduleSchema, input, scheduleLessons);
  revalidatePath('/classes', 'layout');
  return result;
}

export async function changeLessonAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  const result = await runAsCoach(changeLessonSchema, input, changeLesson);
  revalidatePath('/classes', 'layout');
  return result;
}

export async function addHolidayAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  const result = await runAsCoach(newHolidaySchema, input, addHoliday);
  revalidatePath('/classes', 'layout');
  return result;
}

export async function removeHolidayAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  const result = await runAsCoach(removeHolidaySchema, input, removeHoliday);
  revalidatePath('/classes', 'layout');
  return result;
}

export async function noteAttendanceAction(input: unknown): Promise<Result<undefined, ServiceFault>> {
  return runAsCoach(attendanceSchema, input, noteAttendance);
}

export async function giveCatchUpAction(input: unknown): Promise<Result<CaughtUp, ServiceFault>> {
  return runAsCoach(catchUpSchema, input, giveCatchUp);
}
