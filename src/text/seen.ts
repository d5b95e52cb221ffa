/** What somebody has had before, in words. */
import type { SeenAs, SeenTask } from '@/contracts/seen';
import { listWords } from './words';

/** What a class has had of a set: "Lantern class has had 1, 3 and 4, and the twin of 7. Pip has had 2." */
export function seenSetText(seen: readonly (SeenTask | undefined)[], className: string): string {
  const numbers = (as: SeenAs) =>
    seen.flatMap((one, index) => (one?.isByClass === true && one.as === as ? [String(index + 1)] : []));
  if (seen.length > 0 && numbers('same').length === seen.length) return `${className} has had all of this.`;
  const parts = [
    listWords(numbers('same')),
    prefixed('the twin of', numbers('twin')),
    prefixed('the idea of', numbers('idea')),
  ].filter((part) => part !== '');
  const byChildren = new Map<string, string[]>();
  for (const [index, one] of seen.entries()) {
    for (const name of one?.isByClass === false ? one.names : []) {
      byChildren.set(name, [...(byChildren.get(name) ?? []), String(index + 1)]);
    }
  }
  const sentences = [
    ...(parts.length === 0 ? [] : [`${className} has had ${parts.join(', and ')}.`]),
    ...[...byChildren].map(([name, tasks]) => `${name} has had ${listWords(tasks)} or its like.`),
  ];
  return sentences.length === 0 ? `${className} has had nothing of this.` : sentences.join(' ');
}

/** The same of one puzzle: "Lantern class has had its twin." */
export function seenPuzzleText({ as, isByClass, names }: SeenTask, className: string): string {
  const what = { same: 'this one', twin: 'its twin', idea: 'its idea' }[as];
  const many = isByClass || names.length === 1;
  return `${isByClass ? className : listWords(names)} ${many ? 'has' : 'have'} had ${what}.`;
}

function prefixed(words: string, numbers: readonly string[]): string {
  return numbers.length === 0 ? '' : `${words} ${listWords(numbers)}`;
}
