import { drawCards } from './cards';
import { drawCertificates } from './certificate';
import { createPrintDocument, type Fonts, type PrintDocument } from './document';
import type { PrintJob } from './job';
import { drawPlan } from './plan';
import { drawReport } from './report';
import { drawWorksheet } from './worksheet';

export type { Fonts } from './document';
export type { PrintedTask, PrintJob, ReportSheet } from './job';

/** The PDF of a job. The same job gives the same bytes. */
export function printJob(job: PrintJob, fonts: Fonts): Promise<Uint8Array> {
  const doc = createPrintDocument(job.title, job.paper, fonts);
  drawJob(doc, job);
  return doc.end();
}

function drawJob(doc: PrintDocument, job: PrintJob): void {
  switch (job.kind) {
    case 'worksheet': {
      drawWorksheet(doc, job);
      return;
    }
    case 'cards': {
      drawCards(doc, job);
      return;
    }
    case 'plan': {
      drawPlan(doc, job);
      return;
    }
    case 'report': {
      drawReport(doc, job);
      return;
    }
    case 'certificates': {
      drawCertificates(doc, job);
      return;
    }
  }
}
