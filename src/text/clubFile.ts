import type { ClubFileFault } from '@/contracts/clubFile';

/** Why a club's file is not taken, for whoever runs the installation. */
export function clubFileText(fault: ClubFileFault): string {
  switch (fault.code) {
    case 'club-file/not-a-zip':
      return `This is no zip, or not a whole one (${fault.why}).`;
    case 'club-file/too-large':
      return `This file holds more than ${fault.most / 1_000_000} megabytes.`;
    case 'club-file/no-club':
      return `This is no club's file, or not a whole one: ${fault.part}, ${fault.why}.`;
    case 'club-file/other-version':
      return (
        `This file was made by another version (${fault.step}): the column ${fault.column} of ${fault.table} differs. ` +
        'Bring both installations to the same version.'
      );
    case 'club-file/points-nowhere':
      return `Row ${fault.row} of ${fault.table} names something that is not in the file (${fault.column}).`;
    case 'club-file/not-taken':
      return `The database does not take a row of ${fault.table}: ${fault.why}.`;
    case 'club-file/name-taken':
      return `There is a club "${fault.club}" here already. Give this one another name with --as.`;
  }
}
