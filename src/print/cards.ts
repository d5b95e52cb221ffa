/**
 * Cards to cut out and learn from: a sheet of fronts with boards, then the sheet of their backs, left and right exchanged, so that
 * they meet when the paper is printed on both sides and turned over its long edge.
 */
import type { Box, PrintDocument } from './document';
import type { Card, CardsJob } from './job';

const COLUMNS = 2;
const ROWS = 4;
const PADDING = 10;

export function drawCards(doc: PrintDocument, { cards }: CardsJob): void {
  for (let first = 0; first < cards.length; first += COLUMNS * ROWS) {
    const some = cards.slice(first, first + COLUMNS * ROWS);
    doc.addPage();
    drawCuts(doc);
    some.forEach((card, place) =>
      drawFront(doc, card, boxOf(doc, place % COLUMNS, Math.floor(place / COLUMNS))),
    );
    doc.addPage();
    drawCuts(doc);
    some.forEach((card, place) => {
      drawBack(doc, card, boxOf(doc, COLUMNS - 1 - (place % COLUMNS), Math.floor(place / COLUMNS)));
    });
  }
}

function boxOf({ page }: PrintDocument, column: number, row: number): Box {
  const [width, height] = [page.width / COLUMNS, page.height / ROWS];
  return { x: page.x + column * width, y: page.y + row * height, width, height };
}

function drawCuts(doc: PrintDocument): void {
  const { x, y, width, height } = doc.page;
  for (let column = 0; column <= COLUMNS; column += 1) {
    const at = x + (column * width) / COLUMNS;
    doc.cut([at, y], [at, y + height]);
  }
  for (let row = 0; row <= ROWS; row += 1) {
    const at = y + (row * height) / ROWS;
    doc.cut([x, at], [x + width, at]);
  }
}

function drawFront(doc: PrintDocument, { fen, bottom, title }: Card, { x, y, width, height }: Box): void {
  const side = Math.min(width, height) - 2 * PADDING;
  const picture = { fen, turn: undefined, bottom, hasCoordinates: true, title };
  doc.board(picture, x + (width - side) / 2, y + PADDING, side);
}

function drawBack(doc: PrintDocument, { title, lines }: Card, box: Box): void {
  const width = box.width - 4 * PADDING;
  const x = box.x + 2 * PADDING;
  let y = box.y + 2 * PADDING;
  y += doc.text(title, x, y, width, { size: 15, isBold: true }, 'H2') + 4;
  for (const line of lines) y += doc.text(line, x, y, width, { size: 10.5 }) + 2;
}
