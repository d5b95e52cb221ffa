import { isHealthy } from '@/server/services/health';

/** 200 when the database answers, else 503. */
export async function GET(): Promise<Response> {
  const isOk = await isHealthy();
  return Response.json({ ok: isOk }, { status: isOk ? 200 : 503, headers: { 'cache-control': 'no-store' } });
}
