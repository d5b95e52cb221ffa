import { libraryFiltersSchema } from '@/contracts/library';
import { success } from '@/core/shared';
import { runAsCoach } from '@/server/auth/access';
import { exportLibrary } from '@/server/services/files';
import { readQuery, refuse } from '../../_parts/respond';

/** The library, or what of it fits the filters, as EPD: sent as it is read. */
export async function GET(request: Request): Promise<Response> {
  const result = await runAsCoach(libraryFiltersSchema, readQuery(request), (actor, filters) =>
    Promise.resolve(success(exportLibrary(actor, filters))),
  );
  if (!result.ok) return refuse(result.error);
  const parts = result.value;
  const encoder = new TextEncoder();
  const body = new ReadableStream<Uint8Array>({
    async pull(controller) {
      const part = await parts.next();
      if (part.done === true) controller.close();
      else controller.enqueue(encoder.encode(part.value));
    },
    async cancel() {
      await parts.return(undefined);
    },
  });
  return new Response(body, {
    headers: {
      'Content-Type': 'text/plain; charset=utf-8',
      'Content-Disposition': 'attachment; filename="library.epd"',
      'Cache-Control': 'private, no-store',
    },
  });
}
