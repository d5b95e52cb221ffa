import { findTrouble } from '@/server/services/health';

/** 200 when the database answers, else 503 with what is wrong; within a second in any case. */
export async function GET(): Promise<Response> {
  const trouble = await findTrouble();
  const headers = { 'cache-control': 'no-store' };
  if (trouble === undefined) return Response.json({ ok: true }, { headers });
  return Response.json({ ok: false, trouble }, { status: 503, headers });
}
