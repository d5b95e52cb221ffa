import type { ClubFileFault } from '@/contracts/clubFile';

/** What is wrong with a part of a club's file. */
export const CLUB_PART_WORDS = {
  oneRow: 'one row is expected',
  missing: 'it is missing',
  notUnderstood: 'not understood',
};

/** Why a club's file is not taken, for whoever runs the installation. */
export function clubFileText(fault: ClubFileFault): string {
  switch (fault.code) {
    case 'club-file/not-a-zip':
      return `This is not a zip file, or it is damaged (${fault.why}).`;
    case 'club-file/too-large':
      return `This file holds more than ${fault.most / 1_000_000} megabytes.`;
    case 'club-file/no-club':
      return `This is not a club's file, or it is damaged: ${fault.part}, ${fault.why}.`;
    case 'club-file/other-version':
      return (
        `This file was made by another version (${fault.step}): the column ${fault.column} of ${fault.table} differs. ` +
        'Use the same version on both installations.'
      );
    case 'club-file/points-nowhere':
      return `Row ${fault.row} of ${fault.table} names something that is not in the file (${fault.column}).`;
    case 'club-file/not-taken':
      return `The database refuses a row of ${fault.table}: ${fault.why}.`;
    case 'club-file/name-taken':
      return `There is a club "${fault.club}" here already. Give this one another name with --as.`;
  }
}

const NAMELESS_WORDS = new Map([
  ['student', 'Child'],
  ['coach', 'Coach'],
  ['lead', 'Lead'],
]);

/** "Child 7": whoever has no name in a file that holds none; `kind` as the table of people has it. */
export const namelessText = (kind: unknown, number: number): string =>
  `${(typeof kind === 'string' ? NAMELESS_WORDS.get(kind) : undefined) ?? 'Somebody'} ${number}`;
