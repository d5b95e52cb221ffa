/**
 * Commands that work on the database of DATABASE_URL, or on that of the demo that runs. Each runs in a process of its own, under its name
 * with "-here" behind it, because the settings are read once.
 */
import { findFile } from './findFile';
import { UsageAdvice } from './say';

export interface DatabaseWords {
  /** Behind the command. */
  readonly first: string | undefined;
  readonly values: {
    readonly force?: boolean | undefined;
    readonly replace?: boolean | undefined;
    readonly names?: boolean | undefined;
    readonly as?: string | undefined;
    readonly club?: string | undefined;
    readonly 'time-zone'?: string | undefined;
  };
}

/** Gives the exit code; each command's code is loaded only when it runs. */
type DatabaseCommand = (words: DatabaseWords) => Promise<number>;

export const DATABASE_COMMANDS: Readonly<Record<string, DatabaseCommand>> = {
  rebuild: async () => {
    const { rebuildHere } = await import('./rebuild');
    await rebuildHere();
    return 0;
  },
  repair: async ({ values }) => {
    const { repairHere } = await import('./repair');
    return repairHere({ isForced: values.force ?? false });
  },
  'reset-password': async ({ first }) => {
    const { resetPasswordHere } = await import('./resetPassword');
    await resetPasswordHere(need(first, 'Whose password? ./vorschule reset-password NAME'));
    return 0;
  },
  backup: async ({ first }) => {
    const { backupHere } = await import('./backup/backup');
    await backupHere(findFile(need(first, 'Into which file? ./vorschule backup FILE')));
    return 0;
  },
  restore: async ({ first, values }) => {
    const { restoreHere } = await import('./backup/restore');
    const file = findFile(need(first, 'From which file? ./vorschule restore FILE'));
    await restoreHere(file, { isReplacing: values.replace ?? false });
    return 0;
  },
  'add-club': async ({ first, values }) => {
    const { addClubHere } = await import('./clubs');
    await addClubHere(need(first, 'Which club? ./vorschule add-club NAME'), values['time-zone']);
    return 0;
  },
  'export-club': async ({ first, values }) => {
    const { exportClubHere } = await import('./clubs');
    const file = findFile(need(first, 'Into which file? ./vorschule export-club FILE'));
    await exportClubHere(file, { club: values.club, hasNames: values.names ?? false });
    return 0;
  },
  'import-club': async ({ first, values }) => {
    const { importClubHere } = await import('./clubs');
    await importClubHere(findFile(need(first, 'From which file? ./vorschule import-club FILE')), values.as);
    return 0;
  },
};

function need(word: string | undefined, question: string): string {
  if (word === undefined) throw new UsageAdvice(question);
  return word;
}
