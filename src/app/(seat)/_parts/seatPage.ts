import { redirect } from 'next/navigation';
import { findStudentActor } from '@/server/auth/access';
import type { StudentActor } from '@/server/auth/actors';

/** The student of this seat; anybody else is sent to the class code. */
export async function getPageStudent(): Promise<StudentActor> {
  const actor = await findStudentActor();
  if (actor === undefined) redirect('/join');
  return actor;
}
