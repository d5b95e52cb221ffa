/**
 * Sheets with diagrams, and the key apart. All diagrams of a row begin at one height, so that a child's finger finds the next one;
 * everything is measured before it is drawn.
 */
import { MOST_LARGE_DIAGRAMS } from '@/contracts/print';
import type { PrintDocument, TextStyle } from './document';
import type { DiagramCount, PrintedTask, WorksheetJob } from './job';

const GRIDS: Readonly<Record<DiagramCount, readonly [columns: number, rows: number]>> = {
  1: [1, 1],
  2: [1, 2],
  4: [2, 2],
  6: [2, 3],
  9: [3, 3],
  12: [3, 4],
};
const GUTTER = 18;
const GAP = 4;
/** A board smaller than this, four centimetres, is no use to a child. */
const SMALLEST = 113;
/** Lines below a board. */
const LINES = 2;

interface Styles {
  readonly title: TextStyle;
  readonly heading: TextStyle;
  readonly text: TextStyle;
  readonly small: TextStyle;
  /** From one writing line to the next: for the hand of a child, wider with large print. */
  readonly lineStep: number;
}

function stylesOf({ isLarge, perSheet }: WorksheetJob): Styles {
  const size = isLarge ? 18 : perSheet > 6 ? 9.5 : 11;
  return {
    title: { size: isLarge ? 24 : 17, isBold: true },
    heading: { size, isBold: true },
    text: { size },
    small: { size: isLarge ? 14 : 9.5 },
    lineStep: isLarge ? 36 : perSheet > 6 ? 20 : 24,
  };
}

/** How many diagrams this job puts on a sheet: large print has room for four at most. */
export function countPerSheet({
  perSheet,
  isLarge,
}: Pick<WorksheetJob, 'perSheet' | 'isLarge'>): DiagramCount {
  return isLarge && perSheet > MOST_LARGE_DIAGRAMS ? MOST_LARGE_DIAGRAMS : perSheet;
}

export function drawWorksheet(doc: PrintDocument, job: WorksheetJob): void {
  if (job.parts !== 'key') {
    for (const name of job.names.length > 0 ? job.names : [undefined]) drawSheets(doc, job, name);
  }
  if (job.parts !== 'sheets') drawKey(doc, job);
}

function drawSheets(doc: PrintDocument, job: WorksheetJob, name: string | undefined): void {
  const perSheet = countPerSheet(job);
  const styles = stylesOf({ ...job, perSheet });
  doc.addPage();
  let top = drawHead(doc, job, styles, name);
  const { page } = doc;
  const foot = doc.measure('Sheet', page.width, styles.small);
  const height = page.y + page.height - foot - 6 - top;
  const sheets = planSheets(doc, job, styles, { perSheet, width: page.width, height });
  for (const [index, rows] of sheets.entries()) {
    if (index > 0) {
      doc.addPage();
      top = drawHead(doc, job, styles, name);
    }
    let y = top;
    for (const row of rows) {
      drawRow(doc, job, styles, row, { x: page.x, y });
      y += row.height + GUTTER;
    }
    const told = { ...styles.small, align: 'center' } as const;
    if (sheets.length > 1) {
      const words = `Sheet ${index + 1} of ${sheets.length}`;
      doc.text(words, page.x, page.y + page.height - foot, page.width, told);
    }
  }
}

interface Row {
  readonly tasks: readonly PrintedTask[];
  /** Number of its first task. */
  readonly first: number;
  readonly cellWidth: number;
  readonly headingHeight: number;
  readonly textHeight: number;
  /** Side of its boards. */
  readonly side: number;
  readonly areLinesBeside: boolean;
  readonly height: number;
}

/**
 * Rows of one sheet after another. Boards are as large as the grid has room for when nothing stands above them but a heading; a
 * row with more words is higher, and what then does not fit goes onto the next sheet.
 */
function planSheets(
  doc: PrintDocument,
  job: WorksheetJob,
  styles: Styles,
  area: { readonly perSheet: DiagramCount; readonly width: number; readonly height: number },
): Row[][] {
  const [columns, rows] = GRIDS[area.perSheet];
  const cellWidth = (area.width - (columns - 1) * GUTTER) / columns;
  const cellHeight = (area.height - (rows - 1) * GUTTER) / rows;
  const headings = job.tasks.map(({ heading }, index) =>
    doc.measure(`${index + 1}. ${heading}`, cellWidth, styles.heading),
  );
  const headed = cellHeight - Math.max(...headings) - GAP;
  const areLinesBeside = cellWidth > 1.4 * headed;
  const linesHeight = job.hasLines && !areLinesBeside ? LINES * styles.lineStep : 0;
  const largest = Math.min(cellWidth, headed - linesHeight);
  const sheets: Row[][] = [[]];
  let left = area.height;
  for (let first = 0; first < job.tasks.length; first += columns) {
    const tasks = job.tasks.slice(first, first + columns);
    const headingHeight = Math.max(...headings.slice(first, first + columns));
    const textHeight = Math.max(...tasks.map(({ text }) => doc.measure(text, cellWidth, styles.text)));
    const words = headingHeight + textHeight + GAP;
    // Words that fill a sheet almost alone leave less for the board.
    const side = tasks.some(({ fen }) => fen !== undefined)
      ? Math.min(largest, Math.max(SMALLEST, area.height - words - linesHeight))
      : 0;
    const height = words + side + linesHeight;
    // A thousandth of a point is lost in adding up.
    if (height > left + 0.01 && sheets.at(-1)?.length !== 0) {
      sheets.push([]);
      left = area.height;
    }
    sheets.at(-1)?.push({
      tasks,
      first: first + 1,
      cellWidth,
      headingHeight,
      textHeight,
      side,
      areLinesBeside,
      height,
    });
    left -= height + GUTTER;
  }
  return sheets;
}

/** Title with class and date beside it, and the name or a line for it; the height at which the tasks begin. */
function drawHead(doc: PrintDocument, job: WorksheetJob, styles: Styles, name: string | undefined): number {
  const { x, y, width } = doc.page;
  const beside = [job.className, job.date].filter((text) => text !== '').join(', ');
  const besideWidth = beside === '' ? 0 : Math.min(0.4 * width, 220);
  const taken = doc.text(job.title, x, y, width - besideWidth, styles.title, 'H1');
  if (beside !== '') {
    doc.text(beside, x + width - besideWidth, y + 5, besideWidth, { ...styles.text, align: 'right' });
  }
  const nameY = y + taken + 8;
  const label = name === undefined ? 'Name' : `Name: ${name}`;
  const height = doc.text(label, x, nameY, width, styles.text);
  if (name === undefined) doc.rule(x + 3.4 * styles.text.size, nameY + height - 4, 0.45 * width);
  return nameY + height + 12;
}

function drawRow(
  doc: PrintDocument,
  job: WorksheetJob,
  styles: Styles,
  row: Row,
  at: { readonly x: number; readonly y: number },
): void {
  const { cellWidth: width, headingHeight, textHeight, side } = row;
  for (const [place, task] of row.tasks.entries()) {
    const x = at.x + place * (width + GUTTER);
    doc.text(`${row.first + place}. ${task.heading}`, x, at.y, width, styles.heading, 'H2');
    if (task.text !== '') doc.text(task.text, x, at.y + headingHeight, width, styles.text);
    const y = at.y + headingHeight + textHeight + GAP;
    if (task.fen !== undefined) {
      const { fen, turn, bottom, asked, heading: title } = task;
      doc.board({ fen, turn, bottom, asked, hasCoordinates: job.hasCoordinates, title }, x, y, side);
    }
    if (job.hasLines) drawLines(doc, styles, row, { x, y, hasBoard: task.fen !== undefined });
  }
}

/** Beside the board as many as it is high, below it two. */
function drawLines(
  doc: PrintDocument,
  { lineStep }: Styles,
  { side, cellWidth, areLinesBeside }: Row,
  { x, y, hasBoard }: { readonly x: number; readonly y: number; readonly hasBoard: boolean },
): void {
  if (areLinesBeside && hasBoard) {
    const count = Math.floor(side / lineStep);
    for (let line = 1; line <= count; line += 1) {
      doc.rule(x + side + GUTTER, y + line * lineStep, cellWidth - side - GUTTER);
    }
    return;
  }
  const below = hasBoard ? side : 0;
  for (let line = 1; line <= LINES; line += 1) doc.rule(x, y + below + line * lineStep, below || cellWidth);
}

const KEY_BOARD = 92;

/** Every task small, with its answer beside it; pages as many as it takes. */
function drawKey(doc: PrintDocument, job: WorksheetJob): void {
  const styles = stylesOf({ ...job, perSheet: 6 });
  const side = job.isLarge ? 1.4 * KEY_BOARD : KEY_BOARD;
  const { x, y, width, height } = doc.page;
  const startPage = (title: string) => {
    doc.addPage();
    return y + doc.text(title, x, y, width, styles.title, 'H1') + 12;
  };
  let top = startPage(`${job.title}: key`);
  for (const [index, task] of job.tasks.entries()) {
    const fen = task.keyFen ?? task.fen;
    const textX = x + (fen === undefined ? 0 : side + 12);
    const textWidth = x + width - textX;
    const parts = [
      { text: `${index + 1}. ${task.heading}`, style: styles.heading, role: 'H2' },
      { text: task.key, style: styles.heading, role: 'P' },
      ...task.solution.map((text) => ({ text, style: styles.text, role: 'P' }) as const),
    ] as const;
    const textHeight = parts.reduce((sum, { text, style }) => sum + doc.measure(text, textWidth, style), 0);
    const taken = Math.max(textHeight, fen === undefined ? 0 : side) + 10;
    if (top + taken > y + height) top = startPage(`${job.title}: key, continued`);
    if (fen !== undefined) {
      const { turn, bottom, asked, heading: title } = task;
      doc.board({ fen, turn, bottom, asked, hasCoordinates: false, title }, x, top, side);
    }
    let textY = top;
    for (const { text, style, role } of parts) {
      if (text !== '') textY += doc.text(text, textX, textY, textWidth, style, role);
    }
    top += taken;
  }
}
