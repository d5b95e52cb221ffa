/** Positions put into a set one after another; the server proves each once more. */
import type { ServiceFault } from '@/contracts/faults';
import type { AddedPuzzle } from '@/contracts/sets';
import { failure, success, type Result } from '@/core/shared';
import { countText, faultText } from '@/text';
import * as formsText from '@/text/screens/forms';

export type AddPuzzle = (input: { setId: number; fen: string }) => Promise<Result<AddedPuzzle, ServiceFault>>;

/**
 * Stores them in order and tells how many are done; between two of them `isStopAsked` may end it. What is stored stays, and the same
 * again goes on from there, for no position is in a set twice. The fault is a sentence.
 */
export async function storePuzzles(
  addPuzzle: AddPuzzle,
  {
    setId,
    fens,
    noun,
  }: { readonly setId: number; readonly fens: readonly string[]; readonly noun: 'puzzle' | 'stair' },
  onDone: (done: number) => void,
  isStopAsked: () => boolean,
): Promise<Result<number, string>> {
  for (const [index, fen] of fens.entries()) {
    if (isStopAsked()) return failure(formsText.stoppedAfter(countText(index, noun), fens.length));
    const added = await addPuzzle({ setId, fen });
    if (!added.ok) return failure(formsText.storeFault(noun, index + 1, faultText(added.error)));
    onDone(index + 1);
  }
  return success(fens.length);
}
