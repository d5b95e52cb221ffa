/** `vorschule reset-password NAME`: a new password for a coach or lead who forgot the old one, drawn here and shown once. */
import { coachSignInSchema } from '@/contracts/people';
import { findCoachBySignInName } from '@/server/data/people';
import { closeDb, getDb } from '@/server/db';
import { giveNewPassword } from '@/server/services/passwords';
import { closePool } from '@/workers/node';
import { Advice, say } from './say';

export async function resetPasswordHere(signInName: string): Promise<void> {
  try {
    const name = coachSignInSchema.shape.signInName.safeParse(signInName);
    const coach = name.success ? await findCoachBySignInName(getDb(), name.data) : undefined;
    if (coach === undefined) throw new Advice(`Nobody signs in as "${signInName}". Nothing was changed.`);
    const password = await giveNewPassword(coach);
    say(`${coach.name} is signed out everywhere and signs in with this password, which is shown only now:`);
    process.stdout.write(`${password}\n`);
  } finally {
    await closePool();
    await closeDb();
  }
}
