import { headers } from 'next/headers';

/** Where a request comes from, as far as the server or its proxy says, to slow down whoever tries codes. */
export async function askerOf(): Promise<string> {
  return (await headers()).get('x-forwarded-for')?.split(',')[0]?.trim() ?? 'unknown';
}
