/** What came of positions that were brought in: counted, told, and grouped for choosing. */
import { countText, listWords } from '@/text';
import type { ImportedPosition, ImportOutcome } from '@/workers/protocol';
import * as importText from '@/text/screens/import';

export type ImportedMate = ImportedPosition & { readonly outcome: Extract<ImportOutcome, { kind: 'mate' }> };

export function listMates(positions: readonly ImportedPosition[]): ImportedMate[] {
  return positions.filter((one): one is ImportedMate => one.outcome.kind === 'mate');
}

/** "1,240 read: 1,100 mates proved, 12 of them with several keys; 90 without a mate in 3; 8 twice." */
export function reportText(positions: readonly ImportedPosition[], maxMoves: number): string {
  const count = (kind: ImportOutcome['kind']) =>
    positions.filter(({ outcome }) => outcome.kind === kind).length;
  const mates = listMates(positions);
  const several = mates.filter(({ outcome }) => outcome.keys.length > 1).length;
  const parts = [
    importText.proved(
      countText(mates.length, 'mate'),
      several === 0 ? '' : importText.withSeveralKeys(several),
    ),
    ...told(count('none'), (n) => importText.withoutMate(n, maxMoves)),
    ...told(count('undecided'), (n) => importText.undecided(n)),
    ...told(count('fault'), (n) => importText.unreadableImpossible(n)),
    ...told(count('repeated'), (n) => importText.thereBefore(n)),
    ...told(count('whole-game'), importText.nothingToSolve),
  ];
  return importText.read(positions.length.toLocaleString('en'), parts.join('; '));
}

function told(count: number, words: (count: number) => string): string[] {
  return count === 0 ? [] : [words(count)];
}

/** "Line 3" */
export function placeText({ unit, number }: ImportedPosition['place']): string {
  return `${unit.charAt(0).toUpperCase()}${unit.slice(1)} ${number}`;
}

/** Why a position is no puzzle; undefined of a mate. */
export function refusalText({ place, outcome }: ImportedPosition): string | undefined {
  switch (outcome.kind) {
    case 'mate':
    case 'whole-game':
      return undefined;
    case 'fault':
      return `${placeText(place)}: ${outcome.fault}`;
    case 'none':
      return importText.placeWithoutMate(placeText(place), outcome.within);
    case 'undecided':
      return importText.placeUndecided(placeText(place));
    case 'repeated':
      return importText.placeThereBefore(placeText(place));
  }
}

/** "Qg7+" or "Qg7+ and Kf6". */
export function keysText({ outcome }: ImportedMate): string {
  return listWords(outcome.keys);
}
