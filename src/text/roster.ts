/** What is said of terms, rosters and children who move. */
import type { RosterFault } from '@/contracts/roster';
import type { MadeRosterChange } from '@/contracts/terms';
import { countWords, listWords } from './words';

export const ROSTER_FAULT_WORDS: Readonly<Record<RosterFault, string>> = {
  'no-name': 'no name',
  'too-long': 'longer than 40 letters',
  'no-text': 'has characters that are not text',
  twice: 'is in the list twice',
  'in-class': 'is in the class already',
  'has-left': 'has left, according to the list',
};

/** "2026-09-01" as "1 September 2026". */
export function dayText(day: string): string {
  return new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeZone: 'UTC' }).format(
    new Date(`${day}T00:00:00Z`),
  );
}

/** "3 classes made, 22 children moved and 2 left." */
export function rosterChangeText({ made, moved, left }: Omit<MadeRosterChange, 'changeId'>): string {
  const parts = [
    made === 0 ? '' : `${countWords(made, 'class', 'classes')} made`,
    moved === 0 ? '' : `${countWords(moved, 'child', 'children')} moved`,
    left === 0 ? '' : `${countWords(left, 'child', 'children')} left`,
  ].filter((part) => part !== '');
  const said = listWords(parts);
  return said === '' ? 'Nobody moved.' : `${said}.`;
}
