/** A report, as plain paper: a title, headings with lines under them, one board at most; what does not fit goes on to the next page. */
import type { PrintDocument } from './document';
import type { ReportJob, ReportSheet } from './job';

const BOARD = 168;
const GAP = 18;
const LINE = { size: 11 };
const FOOT = { size: 9 };
/** The least height in which a heading may stand at the foot of a page. */
const HEAD_ROOM = 48;

export function drawReport(doc: PrintDocument, { sheets }: ReportJob): void {
  for (const sheet of sheets) drawSheet(doc, sheet);
}

function drawSheet(doc: PrintDocument, { title, under, picture, parts, foot }: ReportSheet): void {
  doc.addPage();
  const { x, width } = doc.page;
  const top = doc.page.y;
  const footHeight = doc.measure(foot, width, FOOT) + 6;
  const end = top + doc.page.height - footHeight;
  let y = top;
  y += doc.text(title, x, y, width, { size: 22, isBold: true }, 'H1');
  y += doc.text(under, x, y, width, { size: 10.5 }) + GAP;
  if (picture !== undefined) {
    const { fen, turn, text } = picture;
    const left = x + width - BOARD;
    doc.board({ fen, turn, bottom: 'white', hasCoordinates: true, title: text }, left, y, BOARD);
    doc.text(text, left, y + BOARD + 6, BOARD, LINE);
  }
  const room = picture === undefined ? width : width - BOARD - GAP;
  for (const { heading, lines } of parts) {
    if (y + HEAD_ROOM > end) y = turnPage(doc);
    y += doc.text(heading, x, y, room, { size: 13, isBold: true }, 'H2') + 2;
    for (const line of lines) {
      const height = doc.measure(line, room, LINE);
      if (y + height > end) y = turnPage(doc);
      y += doc.text(line, x, y, room, LINE) + 2;
    }
    y += GAP / 2;
  }
  doc.text(foot, x, end + 6, width, FOOT);
}

function turnPage(doc: PrintDocument): number {
  doc.addPage();
  return doc.page.y;
}
