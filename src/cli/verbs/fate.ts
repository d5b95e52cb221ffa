/** `vorschule fate`: lines of FEN or EPD in, each with what becomes of every legal move out. */
import { makeFen, makeSan, makeSanLine } from '@/core/notation';
import type { Fate } from '@/core/proof';
import type { Position } from '@/core/rules';
import { createFateSearch } from '@/core/search';
import { fateText, PLAIN_TERMS } from '@/text';
import { eachPosition } from './eachPosition';
import { writeLine } from './lines';

export interface FateOptions {
  readonly file: string | undefined;
  /** Plies seen of every move, the move itself the first. */
  readonly plies: number;
  readonly isJson: boolean;
}

/** One move in the output of --json; the shape is a contract. `seen` stands only where something is seen, not proved. */
interface FateLine {
  readonly san: string;
  readonly kind: Fate['kind'];
  readonly why?: string;
  readonly in?: number;
  readonly gain?: number;
  readonly seen?: number;
  readonly line: readonly string[];
}

/** Returns 0 when every line was read, 1 when some were bad; bad ones are told by number and the rest goes on. */
export function runFate({ file, plies, isJson }: FateOptions): Promise<number> {
  const search = createFateSearch();
  return eachPosition(
    { file, isJson },
    (fen, error) => ({ fen, moves: [], error }),
    async ({ position }) => {
      const { moves } = search.listFates(position, { plies });
      if (isJson) {
        const lines = moves.map(({ move, fate }) => toLine(makeSan(position, move), position, fate));
        return writeLine(JSON.stringify({ fen: makeFen(position), moves: lines }));
      }
      await writeLine(makeFen(position));
      for (const { fate } of moves) {
        const [san, ...rest] = makeSanLine(position, fate.line);
        await writeLine(
          `  ${san}: ${fateText(position.turn, fate, PLAIN_TERMS)}${rest.length > 0 ? ` (${rest.join(' ')})` : ''}`,
        );
      }
    },
  );
}

function toLine(san: string, position: Position, fate: Fate): FateLine {
  const line = makeSanLine(position, fate.line);
  switch (fate.kind) {
    case 'mates':
    case 'mated':
      return { san, kind: fate.kind, in: fate.inMoves, line };
    case 'material':
      return { san, kind: fate.kind, gain: fate.gain, seen: fate.seenPlies, line };
    case 'draw': {
      const seen = fate.seenPlies === undefined ? {} : { seen: fate.seenPlies };
      return { san, kind: fate.kind, why: fate.why, gain: fate.gain, ...seen, line };
    }
  }
}
