import { randomInt } from 'node:crypto';

/** One element drawn with unguessable numbers; for codes and keys, not for seeded data. */
export function drawOne<Item>(items: readonly Item[]): Item {
  const item = items[randomInt(items.length)];
  if (item === undefined) throw new Error('nothing to draw from');
  return item;
}
