/** Moves as they are said: "knight takes e5 check", "castles long", "pawn to e8 becomes a queen". */

const WORDS: Readonly<Record<string, string>> = {
  knight: 'N',
  bishop: 'B',
  rook: 'R',
  queen: 'Q',
  king: 'K',
  pawn: '',
  takes: 'x',
  take: 'x',
  captures: 'x',
  capture: 'x',
  check: '+',
  mate: '#',
  checkmate: '#',
  promotes: '=',
  promoting: '=',
  becomes: '=',
  equals: '=',
  makes: '=',
  one: '1',
  two: '2',
  three: '3',
  four: '4',
  five: '5',
  six: '6',
  seven: '7',
  eight: '8',
  passant: 'e.p.',
};
/** Said between, and nothing is lost without them. */
const FILLERS = new Set(
  'to on at from goes moves go move the and is with in into of for gives double an en it its side my'.split(
    ' ',
  ),
);
const TELLING =
  /\b(knight|bishop|rook|queen|king|pawn|castles?|castling|takes?|captures?|check|mate|checkmate)\b/i;

/** Does the text speak of men or deeds in words? */
export function hasMoveWords(text: string): boolean {
  return TELLING.test(text);
}

/** The same in signs, so that one reader does for both. */
export function readWords(text: string): string {
  // Dashes part words ("en-passant"), but not squares or the two letters of castling.
  const words = text.split(/[\s,;!?]+|(?<=[A-Za-z]{2})-(?=[A-Za-z]{2})/).filter((word) => word !== '');
  const lower = words.map((word) => word.toLowerCase());
  if (lower.some((word) => word.startsWith('castl'))) return readCastling(lower);
  const signs: string[] = [];
  for (const [index, word] of words.entries()) {
    const bare = word.toLowerCase().replace(/\.+$/, '');
    // "a" is a file before a rank, else only an article.
    if (bare === 'a' && !/^([1-8]|one|two|three|four|five|six|seven|eight)$/.test(lower[index + 1] ?? ''))
      continue;
    if (FILLERS.has(bare)) continue;
    const sign = WORDS[bare] ?? word;
    // "check mate" is one thing.
    if (sign === '#' && signs.at(-1) === '+') signs.pop();
    signs.push(sign);
  }
  return signs.join('');
}

function readCastling(words: readonly string[]): string {
  const has = (shape: RegExp) => words.some((word) => shape.test(word));
  const sign = has(/mate/) ? '#' : has(/^check/) ? '+' : '';
  if (has(/^(long|queen)/)) return `O-O-O${sign}`;
  return has(/^(short|king)/) ? `O-O${sign}` : 'O';
}
