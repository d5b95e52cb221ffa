/** The fate of a move as it is stored with a task: squares for moves, one text for a line, the move itself left out. */
import { z } from 'zod/mini';
import { makeMoveText, parseMoveText, type MoveText } from '../notation';
import type { Fate } from '../proof';

export const moveTextSchema = z
  .string()
  .check(z.refine((text) => parseMoveText(text) !== undefined, 'not a move'));

const lineSchema = z
  .string()
  .check(
    z.refine((text) => splitLine(text).every((move) => parseMoveText(move) !== undefined), 'not a line'),
  );

export const storedFateSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('mates'), inMoves: z.int().check(z.positive()), line: lineSchema }),
  z.object({ kind: z.literal('mated'), inMoves: z.int().check(z.positive()), line: lineSchema }),
  z.object({
    kind: z.literal('draw'),
    why: z.enum(['stalemate', 'dead', 'fifty', 'threefold']),
    gain: z.number(),
    /** Absent: the move itself draws. */
    seenPlies: z.optional(z.int().check(z.positive())),
    line: lineSchema,
  }),
  z.object({
    kind: z.literal('material'),
    gain: z.number(),
    seenPlies: z.int().check(z.positive()),
    line: lineSchema,
  }),
  /** Only this is known: the mate in the asked number is gone. The line shows it, where there is one. */
  z.object({ kind: z.literal('open'), line: lineSchema }),
]);
export type StoredFate = z.infer<typeof storedFateSchema>;

/** The moves of a stored line. */
export function splitLine(line: string): MoveText[] {
  return line === '' ? [] : line.split(' ');
}

/** A searched fate in its stored form. */
export function toStoredFate(fate: Fate): StoredFate {
  const line = fate.line.slice(1).map(makeMoveText).join(' ');
  switch (fate.kind) {
    case 'mates':
    case 'mated':
      return { kind: fate.kind, inMoves: fate.inMoves, line };
    case 'draw': {
      const { why, gain, seenPlies } = fate;
      return { kind: 'draw', why, gain, line, ...(seenPlies === undefined ? {} : { seenPlies }) };
    }
    case 'material':
      return { kind: 'material', gain: fate.gain, seenPlies: fate.seenPlies, line };
  }
}
