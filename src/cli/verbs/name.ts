/** `vorschule name`: lines of FEN or EPD in, the names of each mate with who does what in it out. */
import { makeSquareName, type Square } from '@/core/board';
import { makeFen } from '@/core/notation';
import { namePatterns, type PatternMatch, type Reading } from '@/core/patterns';
import { matchText, PATTERN_NAMES, PLAIN_TERMS } from '@/text';
import { eachPosition } from './eachPosition';
import { writeLine } from './lines';

export interface NameOptions {
  readonly file: string | undefined;
  readonly isJson: boolean;
}

/** One object a line with --json; the shape is a contract. No patterns: no mate on the board, or one without a name. */
interface NameLine {
  readonly fen: string;
  readonly patterns: readonly {
    readonly id: string;
    readonly reading: Reading;
    readonly roles: RolesLine;
  }[];
}

/** Squares by their names; `guards` and `held` say by whom. */
interface RolesLine {
  readonly king: string;
  readonly mating: string;
  readonly supporter?: string;
  readonly second?: string;
  readonly guards: Readonly<Record<string, readonly string[]>>;
  readonly blockers: readonly string[];
  readonly line: readonly string[];
  readonly held: Readonly<Record<string, readonly string[]>>;
}

/** Returns 0 when every line was read, 1 when some were bad; bad ones are told by number and the rest goes on. */
export function runName({ file, isJson }: NameOptions): Promise<number> {
  return eachPosition(
    { file, isJson },
    (fen, error) => ({ fen, patterns: [], error }),
    async ({ position }) => {
      const matches = namePatterns(position);
      const line: NameLine = { fen: makeFen(position), patterns: matches.map(toLine) };
      if (isJson) return writeLine(JSON.stringify(line));
      await writeLine(line.fen);
      for (const { id, reading, roles } of matches) {
        const broad = reading === 'loose' ? ' (in a broad reading)' : '';
        await writeLine(`  ${PATTERN_NAMES[id]}${broad}: ${matchText(position, roles, PLAIN_TERMS)}`);
      }
    },
  );
}

function toLine({ id, reading, roles }: PatternMatch): NameLine['patterns'][number] {
  const { king, mating, supporter, second, guards, blockers, line, held } = roles;
  const squares = (by: readonly { square: Square; by: readonly Square[] }[]) =>
    Object.fromEntries(by.map((one) => [makeSquareName(one.square), one.by.map(makeSquareName)]));
  return {
    id,
    reading,
    roles: {
      king: makeSquareName(king),
      mating: makeSquareName(mating),
      ...(supporter === undefined ? {} : { supporter: makeSquareName(supporter) }),
      ...(second === undefined ? {} : { second: makeSquareName(second) }),
      guards: squares(guards),
      blockers: blockers.map(makeSquareName),
      line: line.map(makeSquareName),
      held: squares(held),
    },
  };
}
