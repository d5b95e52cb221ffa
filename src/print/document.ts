/**
 * A PDF with our face, our diagrams and the marks a screen reader goes by. The same job gives the same bytes: nothing of the clock
 * goes into the file.
 */
import PDFDocument from 'pdfkit';
import type { Side, Square } from '@/core/board';
import { parseFen } from '@/core/notation';
import { EMPTY_DRAFT } from '@/core/rules';
import { cornerOf, DIAGRAM_UNITS, drawDiagram, drawManPicture, PRINT_PAINT, SQUARE_UNITS } from '@/drawing';
import type { Paper } from './job';
import { createStamps } from './stamps';

/** TrueType files of the face; the caller reads them. */
export interface Fonts {
  readonly regular: Uint8Array;
  readonly bold: Uint8Array;
}

export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

export interface TextStyle {
  /** In points. */
  readonly size: number;
  readonly isBold?: boolean;
  readonly align?: 'left' | 'center' | 'right';
}

interface BoardPicture {
  readonly fen: string;
  readonly turn: Side | undefined;
  readonly bottom: Side;
  readonly asked?: readonly Square[];
  readonly hasCoordinates: boolean;
  /** Read aloud in place of the picture. */
  readonly title: string;
}

/** Pages in points (72 to the inch), x to the right, y down. */
export interface PrintDocument {
  /** What can be printed on, inside the margins. */
  readonly page: Box;
  addPage(): void;
  /** Writes into the width from x, y on; the height it took. */
  text(text: string, x: number, y: number, width: number, style: TextStyle, role?: 'H1' | 'H2' | 'P'): number;
  measure(text: string, width: number, style: TextStyle): number;
  board(picture: BoardPicture, x: number, y: number, side: number): void;
  /** A line to write on. */
  rule(x: number, y: number, width: number): void;
  /** Lines around a box. */
  frame(box: Box): void;
  /** A line to cut along. */
  cut(from: readonly [x: number, y: number], to: readonly [x: number, y: number]): void;
  /** The whole file; nothing can be added behind it. */
  end(): Promise<Uint8Array>;
}

const SIZES: Readonly<Record<Paper, readonly [width: number, height: number]>> = {
  a4: [595.28, 841.89],
  letter: [612, 792],
};
/** Half an inch: what every office printer leaves white, and a hand can hold. */
const MARGIN = 36;
/** Between two lines of a text. */
const LINE_GAP = 1.5;

export function createPrintDocument(title: string, paper: Paper, fonts: Fonts): PrintDocument {
  const [width, height] = SIZES[paper];
  const doc = new PDFDocument({
    size: [width, height],
    margin: 0,
    autoFirstPage: false,
    pdfVersion: '1.7',
    tagged: true,
    lang: 'en',
    displayTitle: true,
    info: { Title: title, Producer: 'Vorschule', Creator: 'Vorschule', CreationDate: new Date(0) },
    // Without a face of its own the package would look for one of the standard ones first.
    font: Buffer.from(fonts.regular) as unknown as string,
  });
  doc.registerFont('regular', Buffer.from(fonts.regular));
  doc.registerFont('bold', Buffer.from(fonts.bold));
  const chunks: Uint8Array[] = [];
  doc.on('data', (chunk: Uint8Array) => chunks.push(chunk));
  const ended = new Promise<Uint8Array>((resolve, reject) => {
    doc.on('end', () => resolve(Buffer.concat(chunks)));
    doc.on('error', reject);
  });

  const stamps = createStamps(doc);

  function setStyle({ size, isBold = false }: TextStyle): void {
    doc.font(isBold ? 'bold' : 'regular').fontSize(size);
  }
  function mark(role: 'H1' | 'H2' | 'P' | 'Figure', draw: () => void, alt?: string): void {
    doc.addStructure(doc.struct(role, alt === undefined ? {} : { alt }, draw));
  }

  return {
    page: { x: MARGIN, y: MARGIN, width: width - 2 * MARGIN, height: height - 2 * MARGIN },
    addPage() {
      doc.addPage();
    },
    text(text, x, y, within, style, role = 'P') {
      const options = { width: within, align: style.align ?? 'left', lineGap: LINE_GAP } as const;
      setStyle(style);
      const taken = doc.heightOfString(text, options);
      mark(role, () => {
        setStyle(style);
        doc.fillColor('#000000').text(text, x, y, options);
      });
      return taken;
    },
    measure(text, within, style) {
      setStyle(style);
      return text === '' ? 0 : doc.heightOfString(text, { width: within, lineGap: LINE_GAP });
    },
    board({ fen, title: alt, asked = [], ...picture }, x, y, side) {
      const draft = parseFen(fen);
      const { board } = draft.ok ? draft.value : EMPTY_DRAFT;
      const marks = asked.map((square) => ({ square, mark: 'hint' as const }));
      const scale = side / DIAGRAM_UNITS;
      mark(
        'Figure',
        () => {
          // The same empty board for every position, and each of the twelve men once.
          const ground = drawDiagram({ ...picture, board: [], marks }, PRINT_PAINT);
          stamps.stamp(ground, DIAGRAM_UNITS, { x, y, scale });
          for (const [square, man] of board.entries()) {
            if (man === undefined) continue;
            const corner = cornerOf(square, picture.bottom);
            const at = { x: x + scale * corner.x, y: y + scale * corner.y, scale };
            stamps.stamp(drawManPicture(man, PRINT_PAINT), SQUARE_UNITS, at);
          }
        },
        alt,
      );
    },
    rule(x, y, within) {
      doc
        .save()
        .lineWidth(0.6)
        .strokeColor('#000000')
        .moveTo(x, y)
        .lineTo(x + within, y)
        .stroke()
        .restore();
    },
    frame({ x, y, width: across, height: down }) {
      doc.save().lineWidth(1).strokeColor('#000000').rect(x, y, across, down).stroke().restore();
    },
    cut([x1, y1], [x2, y2]) {
      doc.save().lineWidth(0.4).strokeColor('#777777').dash(3, { space: 4 });
      doc.moveTo(x1, y1).lineTo(x2, y2).stroke().restore();
    },
    end() {
      doc.end();
      return ended;
    },
  };
}
