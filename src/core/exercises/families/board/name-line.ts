/** Family `name-line`: some squares of a line are marked; what kind of line is it, or which? Files have letters, ranks have numbers. */
import { z } from 'zod/mini';
import {
  FILE_LETTERS,
  fileOf,
  makeSquareName,
  rankOf,
  SIDES,
  squareAt,
  type Square,
  type Side,
} from '../../../board';
import { chooseHints, chooseOptions, compareOptions, type ChoiceNote } from '../../answers/choose';
import { defineFamily } from '../../family/family';
import { sceneOfSquares, seenFrom } from './squareTask';
import type { SquaresReason } from '../../family/note';

export const LINE_KINDS = ['file', 'rank', 'diagonal'] as const;

export type LineKind = (typeof LINE_KINDS)[number];

export const lineTaskSchema = z
  .object({
    kind: z.enum(LINE_KINDS),
    /** Two squares of the line that say which. */
    from: z.int().check(z.minimum(0), z.maximum(63)),
    to: z.int().check(z.minimum(0), z.maximum(63)),
    asks: z.enum(['kind', 'name']),
    bottom: z.enum(SIDES),
    hasCoordinates: z.boolean(),
  })
  .check(z.refine(({ from, to, kind }) => from < to && kindOf(from, to) === kind, 'not such a line'));

export type LineTask = z.infer<typeof lineTaskSchema>;

export type NameLineQuestion =
  | {
      readonly code: 'which-kind-of-line';
    }
  | {
      readonly code: 'which-line';
      readonly seenFrom: Side | undefined;
    };

export const nameLineFamily = defineFamily<
  LineTask,
  'choose',
  NameLineQuestion,
  ChoiceNote<SquaresReason<'lies-on'>>
>({
  id: 'name-line',
  version: 1,
  stage: 'board',
  skill: 'lines',
  answerMode: 'choose',
  levels: 4,
  taskSchema: lineTaskSchema,
  question: (task) =>
    task.asks === 'kind' ? { code: 'which-kind-of-line' } : { code: 'which-line', seenFrom: seenFrom(task) },
  scene: (task) => sceneOfSquares(task, listLine(task)),
  ask: (task) => ({ kind: 'choose', options: listOptions(task), isMultiple: false }),
  solution: (task) => chooseOptions([nameOf(task)]),
  judge: (task, answer) =>
    compareOptions([nameOf(task)], answer, () => ({ code: 'lies-on', squares: listLine(task) })),
  measure: ({ asks, kind, bottom, hasCoordinates }) =>
    (asks === 'kind' ? 0 : 3) +
    (asks === 'name' && kind === 'diagonal' ? 2 : 0) +
    (hasCoordinates ? 0 : 4) +
    (bottom === 'black' ? 2 : 0),
  hints: (task) => chooseHints(listOptions(task), [nameOf(task)]),
});

function kindOf(from: Square, to: Square): LineKind | undefined {
  const files = Math.abs(fileOf(from) - fileOf(to));
  const ranks = Math.abs(rankOf(from) - rankOf(to));
  if (files === 0) return 'file';
  if (ranks === 0) return 'rank';
  return files === ranks ? 'diagonal' : undefined;
}

function listLine({ from, to }: LineTask): Square[] {
  const steps = Math.max(Math.abs(fileOf(from) - fileOf(to)), Math.abs(rankOf(from) - rankOf(to)));
  return Array.from({ length: steps + 1 }, (_, step) => from + ((to - from) / steps) * step);
}

/** "file", or by its letter, its number or its ends: "file-e", "rank-5", "diagonal-a1-h8". */
function nameOf({ kind, from, to, asks }: LineTask): string {
  if (asks === 'kind') return kind;
  switch (kind) {
    case 'file':
      return `file-${FILE_LETTERS[fileOf(from)] ?? ''}`;
    case 'rank':
      return `rank-${rankOf(from) + 1}`;
    case 'diagonal':
      return `diagonal-${makeSquareName(from)}-${makeSquareName(to)}`;
  }
}

/** The line itself, its mirror images and the line as it is called when letter and number, or left and right, are mixed up. */
function listOptions(task: LineTask): readonly string[] {
  if (task.asks === 'kind') return LINE_KINDS;
  const { kind, from, to } = task;
  const mirrored = (turn: (file: number, rank: number) => readonly [number, number]) => {
    const ends = [from, to].map((square) => squareAt(...turn(fileOf(square), rankOf(square))) ?? square);
    const [first = from, last = to] = ends.sort((one, other) => one - other);
    return nameOf({ ...task, kind, from: first, to: last });
  };
  const names = [
    nameOf(task),
    mirrored((file, rank) => [7 - file, rank]),
    mirrored((file, rank) => [file, 7 - rank]),
    mirrored((file, rank) => [7 - file, 7 - rank]),
    kind === 'file' ? `rank-${fileOf(from) + 1}` : undefined,
    kind === 'rank' ? `file-${FILE_LETTERS[rankOf(from)] ?? ''}` : undefined,
  ];
  return [...new Set(names.filter((name) => name !== undefined))].sort();
}
