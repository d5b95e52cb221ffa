'use server';
import { redirect } from 'next/navigation';
import { joinCodeSchema, studentSignInSchema } from '@/contracts/people';
import { endSession, startSession } from '@/server/auth/access';
import { parseInput } from '@/server/auth/parseInput';
import { openJoinPage, signInStudent } from '@/server/services/signIn';
import { faultText } from '@/text';
import { textField, type FormState } from '../../_parts/FormState';
import { clientAddress } from '../../_parts/clientAddress';
import * as doorText from '@/text/screens/door';

export async function openClass(_state: FormState, form: FormData): Promise<FormState> {
  const values = { joinCode: textField(form, 'joinCode') };
  const code = parseInput(joinCodeSchema, values.joinCode);
  if (!code.ok) return { error: doorText.typeCode, values };
  const found = await openJoinPage(code.value, await clientAddress());
  if (!found.ok) return { error: faultText(found.error), values };
  redirect(`/join/${found.value.joinCode}`);
}

/** The pictures of a name card; gives the sentence that says what is wrong, or goes to the seat. */
export async function openSeat(input: {
  joinCode: string;
  studentId: number;
  key: string[];
}): Promise<FormState> {
  const parsed = parseInput(studentSignInSchema, input);
  if (!parsed.ok) return { error: doorText.tapYourPictures };
  const result = await signInStudent(parsed.value, await clientAddress());
  if (!result.ok) {
    return {
      error: result.error.code === 'sign-in/wrong' ? doorText.wrongPictures : faultText(result.error),
    };
  }
  await startSession('seat', result.value.personId);
  redirect('/seat');
}

export async function leaveSeat(): Promise<void> {
  await endSession('seat');
  redirect('/join');
}
