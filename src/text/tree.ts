/** A solution tree in words, as a coach reads it aloud. */
import type { Side } from '@/core/board';
import type { DefenceKind, MoveKind } from '@/core/proof';
import { listWords, SIDE_WORDS } from './words';
import type { Terms } from './terms';

/** "If Black takes (hxg6, fxg6):"; many moves met alike are told by their number. */
export function defenceText(side: Side, kind: DefenceKind, moves: readonly string[], terms: Terms): string {
  const who = SIDE_WORDS[side];
  const named =
    moves.length <= 6 ? moves.join(', ') : `${moves.slice(0, 3).join(', ')} or ${moves.length - 3} more`;
  switch (kind) {
    case 'takes':
      return `If ${who} ${terms.many('capture')} (${named}):`;
    case 'runs':
      return `If the ${terms.one('king')} runs (${named}):`;
    case 'blocks':
      return `If ${who} blocks (${named}):`;
    case 'moves':
      return `If ${who} plays ${named}:`;
  }
}

/** "check, gives up material"; "quiet move". */
export function moveKindText({ isCheck, isCapture, isQuiet, isSacrifice }: Omit<MoveKind, 'given'>): string {
  const words = [
    ...(isQuiet ? ['quiet move'] : []),
    ...(isCheck ? ['check'] : []),
    ...(isCapture ? ['capture'] : []),
    ...(isSacrifice ? ['sacrifice'] : []),
  ];
  return listWords(words.length === 0 ? ['promotion'] : words);
}
