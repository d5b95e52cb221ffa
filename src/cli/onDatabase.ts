/**
 * Commands that work on the database of DATABASE_URL, or on that of the demo that runs. Each runs in a process of its own, under its name
 * with "-here" behind it, because the settings are read once.
 */
import { defineCommand, type Command } from './command';
import { findFile } from './findFile';
import { UsageAdvice } from './say';

export const DATABASE_COMMANDS: ReadonlyMap<string, Command> = new Map(
  Object.entries({
    rebuild: defineCommand({}, 0, async () => {
      const { rebuildHere } = await import('./rebuild');
      await rebuildHere();
      return 0;
    }),
    repair: defineCommand({ force: { type: 'boolean' } }, 0, async ({ values }) => {
      const { repairHere } = await import('./repair');
      return repairHere({ isForced: values.force ?? false });
    }),
    'reset-password': defineCommand({}, 1, async ({ first }) => {
      const { resetPasswordHere } = await import('./resetPassword');
      await resetPasswordHere(need(first, 'Whose password? ./vorschule reset-password NAME'));
      return 0;
    }),
    backup: defineCommand({}, 1, async ({ first }) => {
      const { backupHere } = await import('./backup/backup');
      await backupHere(findFile(need(first, 'Into which file? ./vorschule backup FILE')));
      return 0;
    }),
    restore: defineCommand({ replace: { type: 'boolean' } }, 1, async ({ values, first }) => {
      const { restoreHere } = await import('./backup/restore');
      const file = findFile(need(first, 'From which file? ./vorschule restore FILE'));
      await restoreHere(file, { isReplacing: values.replace ?? false });
      return 0;
    }),
    'add-club': defineCommand({ 'time-zone': { type: 'string' } }, 1, async ({ values, first }) => {
      const { addClubHere } = await import('./clubs');
      await addClubHere(need(first, 'Which club? ./vorschule add-club NAME'), values['time-zone']);
      return 0;
    }),
    'export-club': defineCommand(
      { club: { type: 'string' }, names: { type: 'boolean' } },
      1,
      async ({ values, first }) => {
        const { exportClubHere } = await import('./clubs');
        const file = findFile(need(first, 'Into which file? ./vorschule export-club FILE'));
        await exportClubHere(file, { club: values.club, hasNames: values.names ?? false });
        return 0;
      },
    ),
    'import-club': defineCommand({ as: { type: 'string' } }, 1, async ({ values, first }) => {
      const { importClubHere } = await import('./clubs');
      const file = findFile(need(first, 'From which file? ./vorschule import-club FILE'));
      await importClubHere(file, values.as);
      return 0;
    }),
  }),
);

function need(word: string | undefined, question: string): string {
  if (word === undefined) throw new UsageAdvice(question);
  return word;
}
