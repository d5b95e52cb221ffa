import { notFound, redirect } from 'next/navigation';
import { joinCodeSchema } from '@/contracts/people';
import { parseInput } from '@/server/auth/parseInput';
import { openJoinPage, type JoinPage } from '@/server/services/signIn';
import { clientAddress } from '../../../_parts/clientAddress';

/** The class behind the code in an address; a wrong code goes back to where codes are typed. */
export async function openJoinPageHere(text: string): Promise<JoinPage> {
  const code = parseInput(joinCodeSchema, text);
  if (!code.ok) notFound();
  const page = await openJoinPage(code.value, await clientAddress());
  if (!page.ok) redirect('/join');
  return page.value;
}
