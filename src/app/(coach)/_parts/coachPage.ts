import { redirect } from 'next/navigation';
import { findCoachActor } from '@/server/auth/access';
import type { CoachActor } from '@/server/auth/actors';

/** The coach of this page; anybody else is sent to sign in. */
export async function getPageCoach(): Promise<CoachActor> {
  const actor = await findCoachActor();
  if (actor === undefined) redirect('/sign-in');
  return actor;
}
