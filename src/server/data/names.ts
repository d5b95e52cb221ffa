/** Taking a name out of texts. */

/** What stands in a text where the name was. */
const NOBODY = 'Somebody';

/** Replaces these names where they stand as words of their own; the text as it is when none does. */
export function makeNameEraser(names: readonly string[]): (text: string) => string {
  if (names.length === 0) return (text) => text;
  // The longest first: "Anna Marie" goes as a whole.
  const words = names.toSorted((one, other) => other.length - one.length).map(escapeForSearch);
  const word = new RegExp(`(?<![\\p{L}\\p{N}])(?:${words.join('|')})(?![\\p{L}\\p{N}])`, 'gu');
  return (text) => text.replace(word, NOBODY);
}

function escapeForSearch(text: string): string {
  return text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
}
