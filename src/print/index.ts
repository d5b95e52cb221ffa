import { drawCards } from './cards';
import { createPrintDocument, type Fonts } from './document';
import type { PrintJob } from './job';
import { drawPlan } from './plan';
import { drawWorksheet } from './worksheet';

export type { Fonts } from './document';
export type { PrintedTask, PrintJob } from './job';

/** The PDF of a job. The same job gives the same bytes. */
export function printJob(job: PrintJob, fonts: Fonts): Promise<Uint8Array> {
  const doc = createPrintDocument(job.title, job.paper, fonts);
  if (job.kind === 'worksheet') drawWorksheet(doc, job);
  else if (job.kind === 'cards') drawCards(doc, job);
  else drawPlan(doc, job);
  return doc.end();
}
