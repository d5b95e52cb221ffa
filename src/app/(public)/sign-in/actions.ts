'use server';
import { redirect } from 'next/navigation';
import { coachSignInSchema } from '@/contracts/people';
import { endSession, startSession } from '@/server/auth/access';
import { parseInput } from '@/server/auth/parseInput';
import { signInCoach } from '@/server/services/signIn';
import { faultText } from '@/text';
import { clientAddress } from '../../_parts/clientAddress';
import { textField, type FormState } from '../../_parts/FormState';
import * as doorText from '@/text/screens/door';

export async function signIn(_state: FormState, form: FormData): Promise<FormState> {
  const values = { signInName: textField(form, 'signInName') };
  const input = parseInput(coachSignInSchema, Object.fromEntries(form));
  if (!input.ok) return { error: doorText.enterNameAndPassword, values };
  const result = await signInCoach(input.value.signInName, input.value.password, await clientAddress());
  if (!result.ok) {
    const isWrong = result.error.code === 'sign-in/wrong';
    return { error: isWrong ? doorText.wrongNameOrPassword : faultText(result.error), values };
  }
  await startSession('coach', result.value.personId);
  redirect('/desk');
}

export async function signOut(): Promise<void> {
  await endSession('coach');
  redirect('/');
}
