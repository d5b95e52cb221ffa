'use server';
import { redirect } from 'next/navigation';
import { setUpSchema } from '@/contracts/people';
import { startSession } from '@/server/auth/access';
import { parseInput } from '@/server/auth/parseInput';
import { setUpClub } from '@/server/services/setUpClub';
import { faultText } from '@/text';
import { clientAddress } from '../../_parts/clientAddress';
import { textField, type FormState } from '../../_parts/FormState';
import * as doorText from '@/text/screens/door';

const FIELD_WORDS: Readonly<Record<string, string>> = {
  code: doorText.missingCode,
  clubName: doorText.missingClubName,
  timeZone: doorText.missingTimeZone,
  leadName: doorText.missingYourName,
  signInName: doorText.missingSignInName,
  password: doorText.missingPassword,
};

export async function setUp(_state: FormState, form: FormData): Promise<FormState> {
  const given = Object.fromEntries([...form.keys()].map((name) => [name, textField(form, name)]));
  const { password: _password, ...values } = given;
  const input = parseInput(setUpSchema, given);
  if (!input.ok) {
    const fields = input.error.code === 'input/not-valid' ? input.error.fields : [];
    return {
      error: doorText.lookAgainAt(fields.map((name) => FIELD_WORDS[name] ?? name).join(', ')),
      values,
      atFault: fields,
    };
  }
  const result = await setUpClub(input.value, await clientAddress());
  if (!result.ok) return { error: faultText(result.error), values };
  await startSession('coach', result.value.coachId);
  redirect('/classes');
}
