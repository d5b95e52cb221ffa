/** What somebody has had before, in words. */
import type { SeenAs, SeenTask } from '@/contracts/seen';
import { listWords } from './words';

/** What a class has had of a set: "Lantern class has met 1, 3 and 4, and a twin of 7. Pip has met 2 or one like it." */
export function seenSetText(seen: readonly (SeenTask | undefined)[], className: string): string {
  const numbers = (as: SeenAs) =>
    seen.flatMap((one, index) => (one?.isByClass === true && one.as === as ? [String(index + 1)] : []));
  if (seen.length > 0 && numbers('same').length === seen.length) return `${className} has met all of these.`;
  if (seen.length > 1 && numbers('twin').length === seen.length)
    return `${className} has met a twin of every one of these.`;
  const parts = [
    listWords(numbers('same')),
    prefixed('a twin of', numbers('twin')),
    prefixed('the idea of', numbers('idea')),
  ].filter((part) => part !== '');
  const byChildren = new Map<string, string[]>();
  for (const [index, one] of seen.entries()) {
    for (const name of one?.isByClass === false ? one.names : []) {
      byChildren.set(name, [...(byChildren.get(name) ?? []), String(index + 1)]);
    }
  }
  const sentences = [
    ...(parts.length === 0 ? [] : [`${className} has met ${parts.join(', and ')}.`]),
    ...[...byChildren].map(([name, tasks]) => `${name} has met ${listWords(tasks)} or one like it.`),
  ];
  return sentences.length === 0 ? `${className} has met none of these.` : sentences.join(' ');
}

/** The same of one puzzle: "Lantern class has met a twin of this one." */
export function seenPuzzleText({ as, isByClass, names }: SeenTask, className: string): string {
  const what = { same: 'this one', twin: 'a twin of this one', idea: 'this idea' }[as];
  const many = isByClass || names.length === 1;
  return `${isByClass ? className : listWords(names)} ${many ? 'has' : 'have'} met ${what}.`;
}

function prefixed(words: string, numbers: readonly string[]): string {
  return numbers.length === 0 ? '' : `${words} ${listWords(numbers)}`;
}
