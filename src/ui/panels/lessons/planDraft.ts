/** A plan while it is written: pure steps, so that they are tested without a screen. */
import { findLine, type PlanItem, type Segment, type SegmentKind } from '@/contracts/lessons';
import type { Board, Side } from '@/core/board';
import { getDraft, parseFen } from '@/core/notation';
import { BARE_PICTURES } from '@/core/patterns';

const USUAL_MINUTES: Readonly<Record<SegmentKind, number>> = {
  show: 10,
  ask: 8,
  practise: 15,
  play: 10,
  homework: 2,
};

export function addSegment(segments: readonly Segment[], kind: SegmentKind, key: string): Segment[] {
  const added: Segment = { key, kind, title: '', minutes: USUAL_MINUTES[kind], notes: '', items: [] };
  return [...segments, added];
}

export function changeSegment(
  segments: readonly Segment[],
  key: string,
  changed: Partial<Omit<Segment, 'key'>>,
): Segment[] {
  return segments.map((one) => (one.key === key ? { ...one, ...changed } : one));
}

/** A position when the text is one, moves when it is some; undefined when it is neither. */
export function readItem(text: string, label: string): PlanItem | undefined {
  const trimmed = text.trim();
  if (parseFen(trimmed).ok) return { kind: 'position', fen: trimmed, label };
  return (findLine(trimmed)?.line.length ?? 0) > 0 ? { kind: 'line', pgn: trimmed, label } : undefined;
}

/** The board that stands for an item; undefined where it has none. */
export function findBoard(
  item: PlanItem,
): { readonly board: Board; readonly turn: Side | undefined } | undefined {
  switch (item.kind) {
    case 'position': {
      const { board, turn } = getDraft(item.fen);
      return { board, turn };
    }
    case 'line': {
      const game = findLine(item.pgn);
      return game && { board: game.start.board, turn: game.start.turn };
    }
    case 'pattern': {
      const { board } = getDraft(BARE_PICTURES[item.pattern]);
      return { board, turn: undefined };
    }
    default:
      return undefined;
  }
}

/** When each segment begins, in minutes from the start. */
export function listStarts(segments: readonly Segment[]): number[] {
  let at = 0;
  return segments.map(({ minutes }) => {
    const start = at;
    at += minutes;
    return start;
  });
}
