/**
 * What is printed, as data: whoever knows sets, classes and words makes a job of it, the worker threads lay it out. Boards travel
 * as FEN, every text is ready to print.
 */
import type { DIAGRAMS_PER_SHEET, PAPER_SIZES } from '@/contracts/print';
import type { Side, Square } from '@/core/board';

export type Paper = (typeof PAPER_SIZES)[number];
export type DiagramCount = (typeof DIAGRAMS_PER_SHEET)[number];

/** One task on paper. */
export interface PrintedTask {
  readonly heading: string;
  /** The board in the diagram; undefined: the task has none. */
  readonly fen: string | undefined;
  /** Whose edge carries the bar. */
  readonly turn: Side | undefined;
  readonly bottom: Side;
  /** Squares in a dashed frame. */
  readonly asked: readonly Square[];
  /** What stands under the heading. */
  readonly text: string;
  /** The diagram in the key, where the sheet shows another one. */
  readonly keyFen?: string;
  readonly key: string;
  /** Lines below the key: the whole solution. */
  readonly solution: readonly string[];
}

export interface WorksheetJob {
  readonly kind: 'worksheet';
  readonly title: string;
  readonly className: string;
  readonly date: string;
  /** A copy for each, with the name on it; none: one copy with a line for the name. */
  readonly names: readonly string[];
  readonly paper: Paper;
  readonly perSheet: DiagramCount;
  readonly hasCoordinates: boolean;
  readonly hasLines: boolean;
  readonly isLarge: boolean;
  readonly parts: 'sheets' | 'key' | 'both';
  readonly tasks: readonly PrintedTask[];
}

/** A card to learn from: a board on its front, words on its back. */
export interface Card {
  readonly fen: string;
  readonly bottom: Side;
  readonly title: string;
  readonly lines: readonly string[];
}

export interface CardsJob {
  readonly kind: 'cards';
  readonly title: string;
  readonly paper: Paper;
  readonly cards: readonly Card[];
}

export interface PlanJob {
  readonly kind: 'plan';
  readonly title: string;
  /** Class and length. */
  readonly under: string;
  readonly paper: Paper;
  readonly segments: readonly {
    /** "Minute 0 to 10: Show, the fence". */
    readonly heading: string;
    readonly notes: string;
    readonly things: readonly {
      readonly text: string;
      readonly picture: { readonly fen: string; readonly turn: Side | undefined } | undefined;
    }[];
  }[];
}

/** What one report says; it begins on a page of its own. */
export interface ReportSheet {
  readonly title: string;
  readonly under: string;
  readonly picture:
    { readonly fen: string; readonly turn: Side | undefined; readonly text: string } | undefined;
  readonly parts: readonly { readonly heading: string; readonly lines: readonly string[] }[];
  /** At the foot of its last page. */
  readonly foot: string;
  /** Written as small as it takes to stay on its page, down to 8 points. */
  readonly isOnePage: boolean;
}

export interface ReportJob {
  readonly kind: 'report';
  readonly title: string;
  readonly paper: Paper;
  readonly sheets: readonly ReportSheet[];
}

export interface Certificate {
  readonly heading: string;
  readonly name: string;
  /** What it can. */
  readonly text: string;
  readonly lines: readonly string[];
  /** Class and day. */
  readonly under: string;
  /** Under the line to sign on. */
  readonly signature: string;
}

export interface CertificatesJob {
  readonly kind: 'certificates';
  readonly title: string;
  readonly paper: Paper;
  /** The board on each. */
  readonly fen: string;
  readonly certificates: readonly Certificate[];
}

export type PrintJob = WorksheetJob | CardsJob | PlanJob | ReportJob | CertificatesJob;
