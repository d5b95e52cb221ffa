/** `vorschule compose`: fresh mate puzzles as EPD, each proved, with one key; the same numbers make the same ones. */
import { SIDES, type Side } from '@/core/board';
import { composePuzzles, createTaskSearches, type ComposedPuzzle, type PuzzleRecipe } from '@/core/compose';
import { isPatternId, PATTERN_IDS } from '@/core/patterns';
import { listPossibleKeyKinds, makePuzzleEpd, WINGS } from '@/core/puzzles';
import { countText, tagsText } from '@/text';
import { say } from '../say';
import { writeLine } from './lines';

export interface ComposeOptions {
  readonly recipe: PuzzleRecipe;
  readonly count: number;
  readonly seed: number;
}

/** What was asked for on the command line, before it is looked at. */
export interface ComposeWords {
  readonly mate: number;
  readonly pattern: string | undefined;
  readonly key: string | undefined;
  readonly side: string | undefined;
  readonly level: number | undefined;
  readonly wing: string | undefined;
  readonly men: number | undefined;
}

/** The recipe, or the sentence that says which word is not known. */
export function readRecipe(words: ComposeWords): PuzzleRecipe | string {
  const { mate, pattern, key, side, level, men } = words;
  if (pattern !== undefined && !isPatternId(pattern))
    return `There is no mate "${pattern}". The names are: ${PATTERN_IDS.join(', ')}.`;
  const kinds = listPossibleKeyKinds(mate);
  const keyKind = kinds.find((kind) => kind === key);
  if (key !== undefined && keyKind === undefined)
    return `--key of a mate in ${mate} is one of ${kinds.join(', ')}.`;
  const mover: Side | undefined = SIDES.find((one) => one === side);
  if (side !== undefined && mover === undefined) return '--side is white or black.';
  const wing = WINGS.find((one) => one === words.wing);
  if (words.wing !== undefined && wing === undefined) return '--wing is queen or king.';
  return {
    moves: mate,
    ...(pattern === undefined ? {} : { patterns: [pattern] }),
    ...(keyKind === undefined ? {} : { key: keyKind }),
    ...(mover === undefined ? {} : { side: mover }),
    ...(wing === undefined ? {} : { wing }),
    ...(men === undefined ? {} : { mostMen: men }),
    ...(level === undefined ? {} : { level: level as NonNullable<PuzzleRecipe['level']> }),
  };
}

/** Returns 0 when as many were made as asked for, else 1. */
export async function runCompose({ recipe, count, seed }: ComposeOptions): Promise<number> {
  let made = 0;
  for (const puzzle of composePuzzles(createTaskSearches(), recipe, { count, seed })) {
    made += 1;
    await writeLine(toEpd(puzzle, `seed ${seed}, number ${made}`));
  }
  if (made === count) return 0;
  say(`Only ${countText(made, 'puzzle')} of ${count} were found with these filters.`);
  return 1;
}

function toEpd({ fen, mateInMoves, proof, tags, grade }: ComposedPuzzle, id: string): string {
  const names = tagsText(tags.filter(({ reading }) => reading === 'strict'));
  const told = `Level ${grade.level}, ${grade.number}.${names === '' ? '' : ` ${names}`}`;
  return makePuzzleEpd({ fen, mateInMoves, proof }, id, told);
}
