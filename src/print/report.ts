/** A report, as plain paper: a title, headings with lines under them, one board at most; what does not fit goes on to the next page. */
import type { PrintDocument, TextStyle } from './document';
import type { ReportJob, ReportSheet } from './job';

const BOARD = 168;
const GAP = 18;
/** Points of a line, of a heading above it two more; the first at which a report that is one page fits. */
const SIZES = [11, 10, 9];
const SMALLEST = 8;
const FOOT = { size: 9 };
/** The least height in which a heading may stand at the foot of a page. */
const HEAD_ROOM = 48;

export function drawReport(doc: PrintDocument, { sheets }: ReportJob): void {
  for (const sheet of sheets) drawSheet(doc, sheet);
}

function drawSheet(doc: PrintDocument, sheet: ReportSheet): void {
  const { title, under, picture, parts, foot } = sheet;
  doc.addPage();
  const { x, width } = doc.page;
  const top = doc.page.y;
  const footHeight = doc.measure(foot, width, FOOT) + 6;
  const end = top + doc.page.height - footHeight;
  let y = top;
  y += doc.text(title, x, y, width, { size: 22, isBold: true }, 'H1');
  y += doc.text(under, x, y, width, { size: 10.5 }) + GAP;
  const room = picture === undefined ? width : width - BOARD - GAP;
  const size =
    SIZES.find((one) => !sheet.isOnePage || measureParts(doc, parts, room, one) <= end - y) ?? SMALLEST;
  const style = { size };
  if (picture !== undefined) {
    const { fen, turn, text } = picture;
    const left = x + width - BOARD;
    doc.board({ fen, turn, bottom: 'white', hasCoordinates: true, title: text }, left, y, BOARD);
    doc.text(text, left, y + BOARD + 6, BOARD, style);
  }
  for (const { heading, lines } of parts) {
    if (y + HEAD_ROOM > end) y = turnPage(doc);
    y += doc.text(heading, x, y, room, headingOf(size), 'H2') + 2;
    for (const line of lines) {
      const height = doc.measure(line, room, style);
      if (y + height > end) y = turnPage(doc);
      y += doc.text(line, x, y, room, style) + 2;
    }
    y += GAP / 2;
  }
  doc.text(foot, x, end + 6, width, FOOT);
}

const headingOf = (size: number) => ({ size: size + 2, isBold: true });

function measureParts(doc: PrintDocument, parts: ReportSheet['parts'], room: number, size: number): number {
  const height = (text: string, style: TextStyle) => doc.measure(text, room, style) + 2;
  return parts.reduce(
    (sum, { heading, lines }) =>
      sum +
      height(heading, headingOf(size)) +
      lines.reduce((inner, line) => inner + height(line, { size }), 0) +
      GAP / 2,
    0,
  );
}

function turnPage(doc: PrintDocument): number {
  doc.addPage();
  return doc.page.y;
}
