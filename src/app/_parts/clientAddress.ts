import { headers } from 'next/headers';

/** The network address a request comes from, to slow down whoever tries codes. Our web server has put it there; what others wrote is gone. */
export async function clientAddress(): Promise<string> {
  return (await headers()).get('x-forwarded-for') ?? 'unknown';
}
