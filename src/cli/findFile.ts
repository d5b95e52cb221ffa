import path from 'node:path';

/** A file as whoever typed it meant it: from the directory in which the command was given. */
export function findFile(word: string): string {
  return path.resolve(process.env.VORSCHULE_FROM ?? '.', word);
}
