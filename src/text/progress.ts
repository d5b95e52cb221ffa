/** What a class finds hard and where a child stands, in words for the coach and for the child. */
import type { Diagnosis } from '@/core/exercises';
import type { ChildStory, HomeworkCell } from '@/contracts/progress';
import type { Hardship, StageGap, Standing } from '@/core/progress';
import { FAMILY_WORDS } from './families';
import { countWords, listWords, ROLE_WORDS } from './words';

/** What children do who make this mistake: "3 of 5 children ...". */
const DIAGNOSIS_WORDS: Readonly<Record<Diagnosis, string>> = {
  stalemate: 'give stalemate',
  draws: 'let it come to a draw',
  slower: 'mate, but not the quickest way',
  'gets-mated': 'let themselves be mated',
  'loses-men': 'lose men',
  escapes: 'let the king escape',
  'not-in-task': 'play something else',
  missed: 'miss a square or a man',
  behind: 'go past a man that is in the way',
  'own-man': 'land on their own piece',
  'not-its-way': 'mix up how the man goes',
  'own-square': 'count the square the man stands on',
  'not-taken': 'take what cannot be taken',
  'takes-here': 'take a man on the way',
  unprotected: 'overlook a man that nobody protects',
  'is-needed': 'take a needed man for a spare one',
  'is-spare': 'overlook a spare man',
  'not-in-the-way': 'take the wrong man out of the way',
  'stands-in-the-way': 'overlook the man in the way',
  'forces-nothing': 'mark a move that forces nothing',
  forces: 'overlook or misjudge a forcing move',
  'pawn-on-last-rank': 'put a pawn on the first or last rank',
  'not-this-mate': 'put the missing man on a wrong square',
  'other-mate': 'give mate, but another one',
  'one-man-only': 'move more than one man',
  'not-asked': 'mark a man that is not asked about',
  'has-no-way': 'overlook a man that is shut in',
  'pawn-takes-slantwise': 'let a pawn take straight ahead',
  'pawn-needs-a-man': 'move a pawn diagonally without a capture',
  'passing-is-over': 'take in passing too late',
  'nobody-there': 'mark an empty square',
  'own-side': 'mark their own piece',
  'is-the-target': 'take what is to be attacked',
  'is-free': 'overlook a free square',
  'is-own-man': 'overlook a piece of the king’s own beside it',
  'not-beside-king': 'look away from the king',
  protected: 'overlook a protector',
  'is-guarded': 'overlook a guard',
  'guarded-through-king': 'forget that a line goes on through the king',
  'can-be-taken': 'go where they can be taken',
  'takes-back': 'overlook who takes back',
  'attacks-not': 'attack from where it does not reach',
  'would-attack': 'miss a square to attack from',
  'has-a-way': 'overlook a safe square',
  'rank-before-file': 'say the number before the letter',
  'wrong-file': 'mix up the letter',
  'wrong-rank': 'mix up the number',
  'another-square': 'find another square',
  'no-such-square': 'write what is no square',
  'belongs-elsewhere': 'put a man on the wrong square',
  'is-missing': 'forget a man',
  'is-extra': 'put a man too many',
  'wrong-side': 'take a man of the other army',
  'board-turned': 'turn the board',
  'armies-exchanged': 'put the armies on the wrong sides',
  'king-queen-exchanged': 'exchange king and queen',
  'bishop-knight-exchanged': 'exchange bishop and knight',
  'too-many': 'count too many',
  'too-few': 'count too few',
  'wrong-option': 'choose something that is not so',
  'missing-option': 'do not find everything that is so',
  'right-because': 'answer rightly',
  'goes-round': 'take a longer way',
  'move-not-meant': 'play another move than is written',
  'mate-not-yet': 'take a check, or less, for mate',
  stalemates: 'give stalemate',
  'still-mates': 'let the mate happen',
  'not-a-legal-move': 'play what is not allowed',
  'writes-another': 'write another move',
  unreadable: 'write what cannot be read',
  'still-differs': 'do not find the slip of the pen',
  'usually-written': 'write it in another way',
  'man-not-meant': 'choose the wrong one of two men',
  'man-meant': 'miss the man that is meant',
  'no-mate-there': 'see the end of a mate on another square',
  'mates-there': 'do not see the end of a mate',
  'line-breaks': 'begin a line that breaks',
  'lasts-longer': 'forget the best defence',
  'line-too-short': 'stop before the end of the line',
  'way-too-short': 'stop before the end of the way',
  'cannot-yet': 'play a move too early',
  'miss-knight': "do not see a knight's jump",
  'miss-backward': 'do not see a move backwards',
  'miss-long-diagonal': 'do not see a long diagonal',
  'miss-en-passant': 'do not see taking in passing',
  'miss-discovered': 'do not see a line that is opened',
  'miss-behind': 'do not see a man behind another',
  'not-marked': 'choose a square that is not asked about',
  'not-your-man': 'mark a man of the other side',
  tally: 'choose a lesser square',
  'king-steps-into-check': 'move the king into check',
  'leaves-king-in-check': 'leave the king in check',
  'king-is-never-taken': 'capture a king',
  'is-pinned-there': 'move a pinned piece',
  'not-mate-yet': 'put the missing piece where it does not mate',
  'answers-otherwise': 'mix up the ways to answer an attack',
  'move-is-lost': 'overlook that an answer to an attack loses something',
  'can-answer': 'overlook an answer to the attack',
  'cannot-answer': 'choose a man that cannot help',
  'game-lost': 'lose the pawns game',
  'game-drawn': 'do not win the pawns game',
  'sheet-differs': 'write another move than is played',
  'not-on-the-sheet': 'do not look at the signs that can be read',
  'does-not-go-on': 'do not look at the moves that follow',
};

function isDiagnosis(code: string): code is Diagnosis {
  return code in DIAGNOSIS_WORDS;
}

/** "4 of 6 children stumble. 3 say the number before the letter." */
export function hardshipText({ children, stumbled, mistakes }: Hardship): string {
  const [first] = mistakes;
  const told = `${stumbled} of ${children} ${children === 1 ? 'child stumbles' : 'children stumble'}.`;
  if (first === undefined || !isDiagnosis(first.code)) return told;
  return `${told} ${first.children} ${DIAGNOSIS_WORDS[first.code]}.`;
}

/** "let the king escape": what answers with this mistake do. */
export function mistakeText(code: string): string {
  return isDiagnosis(code) ? DIAGNOSIS_WORDS[code] : 'go wrong in a way that is not told any more';
}

/** "Still to come: knight and pawn.": what a stage asks for before it is mastered, the first thing of it; empty where nothing is. */
export function gapText(gaps: readonly StageGap[]): string {
  const [gap] = gaps;
  switch (gap?.kind) {
    case undefined:
      return '';
    case 'pieces':
      return `Still to come: ${listWords(gap.pieces.map((piece) => ROLE_WORDS[piece]))}.`;
    case 'families': {
      // One name at a time: a child does one thing next.
      const [first] = gap.families;
      const name = first === undefined ? '' : `“${FAMILY_WORDS[first]}”`;
      return gap.count === 1
        ? `Still to come: ${name}.`
        : `Still to come: ${countWords(gap.count, 'exercise')}. Begin with ${name}.`;
    }
    case 'another-day':
      return 'Show it once more on another day.';
  }
}

/** To the child: what they can, and what to do. */
export function standingText(standing: Standing): string {
  switch (standing) {
    case 'not-begun':
      return 'Not begun yet';
    case 'begun':
      return 'On the way';
    case 'repeat':
      return 'Play this once more';
    case 'can':
      return 'I can do this';
  }
}

/** To the coach. */
export const STANDING_WORDS: Readonly<Record<Standing, string>> = {
  'not-begun': 'Not begun',
  begun: 'On the way',
  repeat: 'Struggling',
  can: 'Secure',
};

/** "Struggling: Fern and Otter. Due again: the whole class but Quill." */
export function repeatText(
  { weak, due }: { readonly weak: readonly string[]; readonly due: readonly string[] },
  everyone: readonly string[],
): string {
  return [
    ...(weak.length === 0 ? [] : [`Struggling: ${whoWords(weak, everyone)}.`]),
    ...(due.length === 0 ? [] : [`Due again: ${whoWords(due, everyone)}.`]),
  ].join(' ');
}

/** So few missing names are told in the place of those that are there. */
const FEW_MISSING = 2;

function whoWords(names: readonly string[], everyone: readonly string[]): string {
  const missing = everyone.filter((name) => !names.includes(name));
  if (missing.length > FEW_MISSING || names.length <= missing.length) return listWords(names);
  return missing.length === 0 ? 'the whole class' : `the whole class but ${listWords(missing)}`;
}

/** "12 of 12, 9 at once"; "not begun". */
export function homeworkText(cell: HomeworkCell | undefined, puzzleCount: number): string {
  if (cell === undefined) return 'not begun';
  return `${cell.solved} of ${puzzleCount}, ${cell.atOnce} at once`;
}

/** "2 Nov": a day where there is little room. */
export function weekText(monday: string): string {
  const parts = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' });
  return parts.format(new Date(`${monday}T00:00:00Z`));
}

const MINUTE_MS = 60_000;

/** "under a minute", "25 minutes", "2 hours 5 minutes". */
export function minutesText(spentMs: number): string {
  const minutes = Math.round(spentMs / MINUTE_MS);
  if (minutes === 0) return 'under a minute';
  if (minutes < 60) return countWords(minutes, 'minute');
  const rest = minutes % 60;
  const hours = countWords(Math.floor(minutes / 60), 'hour');
  return rest === 0 ? hours : `${hours} ${countWords(rest, 'minute')}`;
}

/** What a child's own games held for it: "3 of 5 mates played, 1 missed, 1 played later than could be." */
export function listGameChances({ mates, gains, losses, mated }: ChildStory['games']): string[] {
  const mateCount = mates.played + mates.slower + mates.missed;
  const gainCount = gains.played + gains.missed;
  return [
    mateCount === 0
      ? 'No forced mate was there for it.'
      : `${mates.played} of ${countWords(mateCount, 'mate')} played, ${mates.missed} missed, ${mates.slower} played later than could be.`,
    gainCount === 0
      ? 'No men were to be won.'
      : `${gains.played} of ${countWords(gainCount, 'chance')} to win men taken, ${gains.missed} missed.`,
    `${countWords(losses, 'move')} that lost men, ${mated} that let it be mated.`,
  ];
}
