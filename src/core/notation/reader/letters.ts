/**
 * The letters other languages write for the men: the table of the PGN standard ("Portable Game Notation Specification and
 * Implementation Guide", section on movetext SAN, piece letters by language; from memory).
 */
import { ROLES, type Role } from '../../board';

/** Pawn, knight, bishop, rook, queen, king: the order of ROLES. */
const LETTERS = {
  czech: 'PJSVDK',
  danish: 'BSLTDK',
  dutch: 'OPLTDK',
  english: 'PNBRQK',
  estonian: 'PROVLK',
  finnish: 'PRLTDK',
  french: 'PCFTDR',
  german: 'BSLTDK',
  hungarian: 'GHFBVK',
  icelandic: 'PRBHDK',
  italian: 'PCATDR',
  norwegian: 'BSLTDK',
  polish: 'PSGWHK',
  portuguese: 'PCBTDR',
  romanian: 'PCNTDR',
  spanish: 'PCATDR',
  swedish: 'BSLTDK',
} as const;
export type Language = keyof typeof LETTERS;
export const LANGUAGES = Object.keys(LETTERS) as readonly Language[];

/** The role an upper-case letter stands for in a language. */
export function roleOfLetter(letter: string, language: Language): Role | undefined {
  return ROLES[LETTERS[language].indexOf(letter)];
}

export interface LetterMeaning {
  readonly role: Role;
  readonly isForeign: boolean;
}

/**
 * What an upper-case letter may mean. With a language it means what it means there, else the English man; without one, a letter
 * that is not English may be that of any language.
 */
export function listMeanings(letter: string, language: Language | undefined): LetterMeaning[] {
  const english = roleOfLetter(letter, 'english');
  const own = language === undefined ? undefined : roleOfLetter(letter, language);
  if (own !== undefined && own !== english) return [{ role: own, isForeign: true }];
  if (english !== undefined) return [{ role: english, isForeign: false }];
  if (language !== undefined) return [];
  const roles = new Set(LANGUAGES.map((one) => roleOfLetter(letter, one)));
  return ROLES.filter((role) => roles.has(role)).map((role) => ({ role, isForeign: true }));
}
