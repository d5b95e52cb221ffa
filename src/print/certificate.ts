/** Certificates, one a page: a double frame, the name large, what it can, and a line for whoever signs. */
import type { PrintDocument } from './document';
import type { Certificate, CertificatesJob } from './job';

const BOARD = 150;
const INSET = 8;

export function drawCertificates(doc: PrintDocument, { certificates, fen }: CertificatesJob): void {
  for (const one of certificates) drawOne(doc, one, fen);
}

function drawOne(
  doc: PrintDocument,
  { heading, name, text, lines, under, signature }: Certificate,
  fen: string,
): void {
  doc.addPage();
  const { x, y: top, width, height } = doc.page;
  doc.frame({ x, y: top, width, height });
  doc.frame({ x: x + INSET, y: top + INSET, width: width - 2 * INSET, height: height - 2 * INSET });
  const left = x + 6 * INSET;
  const room = width - 12 * INSET;
  const centred = { align: 'center' } as const;
  let y = top + 9 * INSET;
  y += doc.text(heading, left, y, room, { size: 18, ...centred }) + 20;
  y += doc.text(name, left, y, room, { size: 36, isBold: true, ...centred }, 'H1') + 16;
  y += doc.text(text, left, y, room, { size: 18, ...centred }, 'H2') + 22;
  const picture = { fen, turn: undefined, bottom: 'white', hasCoordinates: false, title: heading } as const;
  doc.board(picture, x + (width - BOARD) / 2, y, BOARD);
  y += BOARD + 24;
  for (const line of lines) y += doc.text(line, left, y, room, { size: 11.5, ...centred }) + 3;
  const foot = top + height - 14 * INSET;
  doc.text(under, left, foot, room / 2 - INSET, { size: 11 });
  doc.rule(left + room / 2 + INSET, foot + 14, room / 2 - INSET);
  doc.text(signature, left + room / 2 + INSET, foot + 18, room / 2 - INSET, { size: 11 });
}
