/** What came of positions that were brought in: counted, told, and grouped for choosing. */
import { countWords, listWords } from '@/text';
import type { ImportedPosition, ImportOutcome } from '@/workers/protocol';

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
    `${countWords(mates.length, 'mate')} proved${several === 0 ? '' : `, ${several} of them with several keys`}`,
    ...told(count('none'), (n) => `${n} without a mate in ${maxMoves} or fewer`),
    ...told(count('undecided'), (n) => `${n} undecided`),
    ...told(count('fault'), (n) => `${n} unreadable or impossible`),
    ...told(count('repeated'), (n) => `${n} there before in the same text`),
    ...told(count('whole-game'), (n) => `${countWords(n, 'whole game')} with nothing to solve at the start`),
  ];
  return `${positions.length.toLocaleString('en')} read: ${parts.join('; ')}.`;
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
      return `${placeText(place)}: no mate in ${outcome.within} or fewer.`;
    case 'undecided':
      return `${placeText(place)}: too much to look at; prove it on the Desk.`;
    case 'repeated':
      return `${placeText(place)}: there before in the same text.`;
  }
}

/** "Qg7+" or "Qg7+ and Kf6". */
export function keysText({ outcome }: ImportedMate): string {
  return listWords(outcome.keys);
}
