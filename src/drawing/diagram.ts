/**
 * The one drawing of a position: a pure function to SVG text, used by screen, files and print.
 *
 * A square is 100 units; the margin around the board carries the coordinates and, on the mover's side, a bar with a notch.
 * Marks are our sign language, by shape first and colour second.
 */
import { FILE_LETTERS, fileOf, isDarkSquare, rankOf, type Board, type Side, type Square } from '@/core/board';
import { drawMan } from './men';

/** Paint by purpose: plain colours for files and print, custom properties on screen. */
export interface DiagramPaint {
  readonly paper: string;
  readonly ink: string;
  readonly lightSquare: string;
  readonly darkSquare: string;
  /** The fine hatch over dark squares. */
  readonly hatch: string;
  readonly margin: string;
  readonly coordinates: string;
  readonly warm: string;
  readonly cool: string;
}

/** Follows the page's light or dark scheme. */
export const SCREEN_PAINT: DiagramPaint = {
  paper: 'var(--man-paper)',
  ink: 'var(--man-ink)',
  lightSquare: 'var(--board-light)',
  darkSquare: 'var(--board-dark)',
  hatch: 'var(--board-hatch)',
  margin: 'var(--board-margin)',
  coordinates: 'var(--board-coordinates)',
  warm: 'var(--board-warm)',
  cool: 'var(--board-cool)',
};

/** Black on white: dark squares are hatch alone. */
export const PRINT_PAINT: DiagramPaint = {
  paper: '#ffffff',
  ink: '#000000',
  lightSquare: '#ffffff',
  darkSquare: '#ffffff',
  hatch: '#555555',
  margin: '#ffffff',
  coordinates: '#000000',
  warm: '#000000',
  cool: '#000000',
};

/**
 * goes: may go here (a small diamond); sound: may be taken here and loses nothing by it (an open diamond); lost: is lost here (a diamond
 * in two pieces); takes: can take here (four corners); chosen: the man in hand (a frame); hint: the man
 * that is asked about (a dashed frame); fault: something is impossible here (a wavy underline); guarded: a man of the other side
 * could take here (a gate); blocked: an own man stands here (a low wall).
 */
export const SQUARE_MARKS = [
  'goes',
  'sound',
  'lost',
  'takes',
  'chosen',
  'hint',
  'fault',
  'guarded',
  'blocked',
] as const;
export type SquareMark = (typeof SQUARE_MARKS)[number];

/** A mark on a square; `tag` is a figure in the corner that tells several of one kind apart. */
export interface DiagramMark {
  readonly square: Square;
  readonly mark: SquareMark;
  readonly tag?: string;
}

export interface DiagramArrow {
  readonly from: Square;
  readonly to: Square;
  readonly kind: 'attack' | 'idea';
  readonly label?: string;
}

export interface Diagram {
  readonly board: Board;
  /** Whose edge carries the bar; undefined = nobody's. */
  readonly turn: Side | undefined;
  /** The side at the bottom. */
  readonly bottom: Side;
  readonly marks?: readonly DiagramMark[];
  /** Who attacks or guards what (attack), or a move that is only thought of (idea, dashed); `label` stands in its middle. */
  readonly arrows?: readonly DiagramArrow[];
  /** A move made: a thin trace from where to where. */
  readonly trace?: { readonly from: Square; readonly to: Square } | undefined;
  /** Letters and numbers beside the board; they are there unless this says no. */
  readonly hasCoordinates?: boolean;
  /** Only a part of the board is seen: so many squares each way, from this one at its top left. */
  readonly part?: { readonly topLeft: Square; readonly squares: number };
  /** A man lifted off the board for the moment. */
  readonly lifted?: Square | undefined;
}

export const SQUARE_UNITS = 100;
export const MARGIN_UNITS = 46;
export const DIAGRAM_UNITS = 8 * SQUARE_UNITS + 2 * MARGIN_UNITS;

/** The whole diagram. `title` is read aloud in place of the picture; without one it is decoration. */
export function drawDiagram(diagram: Diagram, paint: DiagramPaint, title?: string): string {
  const label = title === undefined ? 'aria-hidden="true"' : `role="img" aria-label="${escapeText(title)}"`;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${viewOf(diagram)}" ${label}>`,
    drawBoard(diagram, paint),
    drawTrace(diagram, paint),
    ...(diagram.marks ?? [])
      .filter(({ mark }) => mark === 'chosen' || mark === 'hint')
      .map((mark) => drawMark(diagram, paint, mark)),
    drawMen(diagram, paint),
    ...(diagram.marks ?? [])
      .filter(({ mark }) => mark !== 'chosen' && mark !== 'hint')
      .map((mark) => drawMark(diagram, paint, mark)),
    ...(diagram.arrows ?? []).map((arrow) => drawArrow(diagram, paint, arrow)),
    ...(diagram.marks ?? []).map((mark) => drawTag(diagram, paint, mark)),
    '</svg>',
  ].join('');
}

function viewOf({ part, bottom }: Diagram): string {
  if (part === undefined) return `0 0 ${DIAGRAM_UNITS} ${DIAGRAM_UNITS}`;
  const { x, y } = cornerOf(part.topLeft, bottom);
  const size = part.squares * SQUARE_UNITS;
  return `${x} ${y} ${size} ${size}`;
}

/** Top left corner of a square in units, seen from the bottom side. */
export function cornerOf(square: Square, bottom: Side): { x: number; y: number } {
  const column = bottom === 'white' ? fileOf(square) : 7 - fileOf(square);
  const row = bottom === 'white' ? 7 - rankOf(square) : rankOf(square);
  return { x: MARGIN_UNITS + column * SQUARE_UNITS, y: MARGIN_UNITS + row * SQUARE_UNITS };
}

function drawBoard({ bottom, turn, hasCoordinates = true }: Diagram, paint: DiagramPaint): string {
  const all = Array.from({ length: 64 }, (_, square) => square);
  const hatchId = paint === PRINT_PAINT ? 'hatch-print' : 'hatch-screen';
  const dark = all
    .filter(isDarkSquare)
    .map((square) => {
      const { x, y } = cornerOf(square, bottom);
      return `M${x} ${y}h${SQUARE_UNITS}v${SQUARE_UNITS}h-${SQUARE_UNITS}z`;
    })
    .join('');
  const side = 8 * SQUARE_UNITS;
  return [
    `<defs><pattern id="${hatchId}" width="10" height="10" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">`,
    `<path d="M0 0V10" stroke="${paint.hatch}" stroke-width="3.2"/></pattern></defs>`,
    `<rect width="${DIAGRAM_UNITS}" height="${DIAGRAM_UNITS}" rx="18" fill="${paint.margin}"/>`,
    `<rect x="${MARGIN_UNITS}" y="${MARGIN_UNITS}" width="${side}" height="${side}" fill="${paint.lightSquare}"/>`,
    `<path d="${dark}" fill="${paint.darkSquare}"/><path d="${dark}" fill="url(#${hatchId})"/>`,
    `<rect x="${MARGIN_UNITS}" y="${MARGIN_UNITS}" width="${side}" height="${side}" fill="none" stroke="${paint.ink}" stroke-width="4"/>`,
    hasCoordinates ? drawCoordinates(bottom, paint) : '',
    turn === undefined ? '' : drawTurnBar(turn === bottom, paint),
  ].join('');
}

function drawCoordinates(bottom: Side, paint: DiagramPaint): string {
  const order = (index: number) => (bottom === 'white' ? index : 7 - index);
  const text = (x: number, y: number, letters: string) =>
    `<text x="${x}" y="${y}" text-anchor="middle" dominant-baseline="central">${letters}</text>`;
  const half = MARGIN_UNITS / 2;
  const along = FILE_LETTERS.map((_, index) => {
    const middle = MARGIN_UNITS + (index + 0.5) * SQUARE_UNITS;
    const file = FILE_LETTERS[order(index)] ?? '';
    const rank = String(order(7 - index) + 1);
    return text(middle, DIAGRAM_UNITS - half + 3, file) + text(half - 2, middle, rank);
  });
  return `<g font-family="Andika, sans-serif" font-size="28" font-weight="700" fill="${paint.coordinates}">${along.join('')}</g>`;
}

/** A bar along the mover's edge with a notch that points onto the board. */
function drawTurnBar(isBottom: boolean, paint: DiagramPaint): string {
  const y = isBottom ? DIAGRAM_UNITS - MARGIN_UNITS : MARGIN_UNITS;
  const out = isBottom ? 1 : -1;
  const middle = DIAGRAM_UNITS / 2;
  const bar = `M${MARGIN_UNITS} ${y}H${DIAGRAM_UNITS - MARGIN_UNITS}V${y + out * 11}H${MARGIN_UNITS}Z`;
  const notch = `M${middle - 26} ${y + out * 6}L${middle} ${y - out * 20}L${middle + 26} ${y + out * 6}Z`;
  return `<path d="${bar}${notch}" fill="${paint.warm}"/>`;
}

function drawMen({ board, bottom, lifted }: Diagram, paint: DiagramPaint): string {
  return board
    .map((man, square) => {
      if (man === undefined) return '';
      const { x, y } = cornerOf(square, bottom);
      const faded = square === lifted ? ' opacity="0.25"' : '';
      return `<g transform="translate(${x} ${y})"${faded}>${drawMan(man, paint)}</g>`;
    })
    .join('');
}

function drawTrace({ trace, bottom }: Diagram, paint: DiagramPaint): string {
  if (trace === undefined) return '';
  const from = centreOf(trace.from, bottom);
  const to = centreOf(trace.to, bottom);
  return (
    `<g stroke="${paint.warm}" fill="none" stroke-width="6" stroke-linecap="round">` +
    `<path d="M${from.x} ${from.y}L${to.x} ${to.y}" stroke-dasharray="1 14"/>` +
    `<path d="M${from.x - 14} ${from.y}H${from.x + 14}M${from.x} ${from.y - 14}V${from.y + 14}"/>` +
    `<path d="M${to.x - 42} ${to.y + 42}H${to.x + 42}"/></g>`
  );
}

/** A thin line with an open tip, on a paper edge that keeps it readable over men; it ends short of both middles. */
function drawArrow(
  { bottom }: Diagram,
  paint: DiagramPaint,
  { from, to, kind, label }: DiagramArrow,
): string {
  const [start, end] = [centreOf(from, bottom), centreOf(to, bottom)];
  const length = Math.hypot(end.x - start.x, end.y - start.y);
  if (length === 0) return '';
  const [dx, dy] = [(end.x - start.x) / length, (end.y - start.y) / length];
  const at = (along: number, aside: number) =>
    `${round(start.x + dx * along - dy * aside)} ${round(start.y + dy * along + dx * aside)}`;
  const tip = length - 24;
  const shaft = `M${at(30, 0)}L${at(tip, 0)}`;
  const head = `M${at(tip - 24, 16)}L${at(tip, 0)}L${at(tip - 24, -16)}`;
  const dashes = kind === 'idea' ? ' stroke-dasharray="18 12"' : '';
  const line = (colour: string, width: number, dash: string) =>
    `<g stroke="${colour}" stroke-width="${width}" fill="none" stroke-linecap="round" stroke-linejoin="round"><path d="${shaft}"${dash}/><path d="${head}"/></g>`;
  // On a short arrow the tag stands at its beginning, so that the tip is seen.
  const along = length > 1.5 * SQUARE_UNITS ? length / 2 : 34;
  const middle = { x: round(start.x + dx * along), y: round(start.y + dy * along) };
  const tag =
    label === undefined
      ? ''
      : `<rect x="${middle.x - 17}" y="${middle.y - 17}" width="34" height="34" rx="6" fill="${paint.paper}" stroke="${paint.ink}" stroke-width="3"/>` +
        `<text x="${middle.x}" y="${middle.y + 9}" text-anchor="middle" font-size="26" font-weight="700" fill="${paint.ink}">${escapeText(label)}</text>`;
  return line(paint.paper, 15, '') + line(paint.ink, 7, dashes) + tag;
}

function centreOf(square: Square, bottom: Side): { x: number; y: number } {
  const { x, y } = cornerOf(square, bottom);
  return { x: x + SQUARE_UNITS / 2, y: y + SQUARE_UNITS / 2 };
}

/** A tenth of a unit is finer than any screen or printer shows. */
function round(value: number): number {
  return Math.round(value * 10) / 10;
}

function drawMark({ bottom }: Diagram, paint: DiagramPaint, { square, mark }: DiagramMark): string {
  const { x, y } = cornerOf(square, bottom);
  const at = (body: string) => `<g transform="translate(${x} ${y})">${body}</g>`;
  switch (mark) {
    case 'goes':
      return at(
        `<path d="M50 37L63 50L50 63L37 50Z" fill="${paint.cool}" stroke="${paint.paper}" stroke-width="3"/>`,
      );
    case 'sound':
      return at(
        `<path d="M50 32L68 50L50 68L32 50Z" fill="${paint.paper}" stroke="${paint.paper}" stroke-width="13"/>` +
          `<path d="M50 32L68 50L50 68L32 50Z" fill="${paint.paper}" stroke="${paint.cool}" stroke-width="7"/>`,
      );
    case 'lost':
      return at(
        `<path d="M44 30V70L24 50ZM56 30L76 50L56 70Z" fill="${paint.warm}" stroke="${paint.paper}" stroke-width="4"/>`,
      );
    case 'takes':
      return at(
        `<path d="M8 28V8H28M72 8H92V28M92 72V92H72M28 92H8V72" fill="none" stroke="${paint.cool}" stroke-width="9"/>`,
      );
    case 'chosen':
      return at(
        `<rect x="4" y="4" width="92" height="92" rx="10" fill="${paint.paper}" fill-opacity="0.55" stroke="${paint.cool}" stroke-width="8"/>`,
      );
    case 'hint':
      return at(
        `<rect x="5" y="5" width="90" height="90" rx="20" fill="${paint.paper}" fill-opacity="0.55" stroke="${paint.warm}" stroke-width="7" stroke-dasharray="16 10"/>`,
      );
    case 'guarded':
      return at(
        `<path d="M26 78V40L50 24L74 40V78M42 78V50M58 78V50" fill="none" stroke="${paint.paper}" stroke-width="15" stroke-linejoin="round"/>` +
          `<path d="M26 78V40L50 24L74 40V78M42 78V50M58 78V50" fill="none" stroke="${paint.warm}" stroke-width="8" stroke-linejoin="round"/>`,
      );
    case 'blocked':
      return at(
        `<path d="M10 90H90M10 76H90" fill="none" stroke="${paint.paper}" stroke-width="15"/>` +
          `<path d="M10 90H90M10 76H90M30 76V90M70 76V90" fill="none" stroke="${paint.ink}" stroke-width="6"/>`,
      );
    case 'fault':
      return at(
        `<path d="M10 95q10 -12 20 0t20 0t20 0t20 0" fill="none" stroke="${paint.paper}" stroke-width="13"/>` +
          `<path d="M10 95q10 -12 20 0t20 0t20 0t20 0" fill="none" stroke="${paint.warm}" stroke-width="7"/>`,
      );
  }
}

/** The figure of a mark in the corner of its square, over the man. */
function drawTag({ bottom }: Diagram, paint: DiagramPaint, { square, tag }: DiagramMark): string {
  if (tag === undefined) return '';
  const { x, y } = cornerOf(square, bottom);
  return drawFigure({ x: x + 22, y: y + 22, radius: 21 }, paint, tag);
}

function drawFigure(
  { x, y, radius }: { readonly x: number; readonly y: number; readonly radius: number },
  paint: DiagramPaint,
  figure: string,
): string {
  const size = Math.round(1.4 * radius);
  return (
    `<circle cx="${x}" cy="${y}" r="${radius}" fill="${paint.cool}" stroke="${paint.paper}" stroke-width="4"/>` +
    `<text class="figure" x="${x}" y="${y + Math.round(size / 3)}" text-anchor="middle" font-size="${size}" font-weight="700" fill="${paint.paper}">${escapeText(figure)}</text>`
  );
}

/** One sign alone on an empty square, for a legend. */
export function drawSign(mark: SquareMark, paint: DiagramPaint, tag?: string): string {
  const { x, y } = cornerOf(0, 'white');
  const empty: Diagram = { board: [], turn: undefined, bottom: 'white' };
  // Alone on its square the figure is as large as it can be.
  const figure = tag === undefined ? '' : drawFigure({ x: x + 50, y: y + 50, radius: 36 }, paint, tag);
  const sign = drawMark(empty, paint, { square: 0, mark }) + figure;
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${x} ${y} ${SQUARE_UNITS} ${SQUARE_UNITS}" aria-hidden="true">` +
    `<rect x="${x}" y="${y}" width="${SQUARE_UNITS}" height="${SQUARE_UNITS}" fill="${paint.lightSquare}"/>${sign}</svg>`
  );
}

/** One kind of arrow alone, over two squares, for a legend. */
export function drawArrowSign(kind: DiagramArrow['kind'], paint: DiagramPaint): string {
  const arrow = drawArrow({ board: [], turn: undefined, bottom: 'white' }, paint, { from: 0, to: 1, kind });
  const { x, y } = cornerOf(0, 'white');
  const width = 2 * SQUARE_UNITS;
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${x} ${y} ${width} ${SQUARE_UNITS}" aria-hidden="true">` +
    `<rect x="${x}" y="${y}" width="${width}" height="${SQUARE_UNITS}" fill="${paint.lightSquare}"/>${arrow}</svg>`
  );
}

function escapeText(text: string): string {
  return text.replace(/[&<>"]/g, (letter) => `&#${letter.charCodeAt(0)};`);
}
