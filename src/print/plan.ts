/** A lesson plan to hold in one's hand: segments one under another with their minutes, what to say, and a small board beside each position. */
import type { PrintDocument } from './document';
import type { PlanJob } from './job';

const BOARD = 92;
const GAP = 10;
/** The least height in which a segment may begin at the foot of a page. */
const HEAD_ROOM = 70;

export function drawPlan(doc: PrintDocument, { title, under, segments }: PlanJob): void {
  doc.addPage();
  const { x, width } = doc.page;
  const end = doc.page.y + doc.page.height;
  let y = doc.page.y;
  const makeRoom = (height: number) => {
    if (y + height <= end) return;
    doc.addPage();
    y = doc.page.y;
  };
  y += doc.text(title, x, y, width, { size: 20, isBold: true }, 'H1');
  y += doc.text(under, x, y, width, { size: 10.5 }) + GAP;
  for (const { heading, notes, things } of segments) {
    makeRoom(HEAD_ROOM);
    doc.rule(x, y, width);
    y += 6 + doc.text(heading, x, y + 6, width, { size: 13, isBold: true }, 'H2');
    if (notes !== '') {
      const style = { size: 11 };
      makeRoom(doc.measure(notes, width, style));
      y += doc.text(notes, x, y, width, style) + 4;
    }
    for (const { text, picture } of things) {
      const left = picture === undefined ? x : x + BOARD + GAP;
      const room = x + width - left;
      const style = { size: 11 };
      const height = Math.max(picture === undefined ? 0 : BOARD, doc.measure(text, room, style));
      makeRoom(height + 6);
      if (picture !== undefined) {
        const { fen, turn } = picture;
        doc.board({ fen, turn, bottom: 'white', hasCoordinates: false, title: text }, x, y, BOARD);
      }
      doc.text(text, left, y, room, style);
      y += height + 6;
    }
    y += GAP;
  }
}
