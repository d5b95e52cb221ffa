/** What a class finds hard and where a child stands, in words for the coach and for the child. */
import type { Diagnosis } from '@/core/exercises';
import type { ChildStory, HomeworkCell } from '@/contracts/progress';
import type { TroubleSpot, StageGap, MasteryState } from '@/core/progress';
import { familyName } from './familyTexts';
import { countWords, listWords } from './words';
import type { Terms } from './terms';

/** What children do who make this mistake: "3 of 5 children ...". */
const diagnosisTexts = (terms: Terms): Readonly<Record<Diagnosis, string>> => ({
  stalemate: `give ${terms.one('stalemate')}`,
  draws: 'allow a draw',
  slower: 'mate, but not the shortest way',
  'gets-mated': 'allow mate',
  'loses-men': 'lose pieces',
  escapes: `let the ${terms.one('king')} escape`,
  'not-in-task': 'play something else',
  missed: 'miss a square or a piece',
  behind: 'go past a piece that is in the way',
  'own-man': 'land on their own piece',
  'not-its-way': 'mix up how the piece moves',
  'own-square': 'count the square the piece is on',
  'not-taken': `${terms.one('capture')} what cannot be ${terms.done('capture')}`,
  'takes-here': `${terms.one('capture')} on the way`,
  unprotected: 'overlook an unprotected piece',
  'is-needed': 'think a needed piece is not needed',
  'is-spare': 'overlook a piece that is not needed',
  'not-in-the-way': 'remove the wrong piece',
  'stands-in-the-way': 'overlook the piece in the way',
  'forces-nothing': 'mark a move that forces nothing',
  forces: 'overlook or misjudge a forcing move',
  'pawn-on-last-rank': `put ${terms.a('pawn')} on the first or last ${terms.one('rank')}`,
  'not-this-mate': 'put the missing piece on a wrong square',
  'other-mate': 'give mate, but another one',
  'one-man-only': 'move more than one piece',
  'not-asked': 'mark a piece that is not asked about',
  'has-no-way': 'overlook a trapped piece',
  'pawn-takes-diagonally': `${terms.one('capture')} straight ahead with ${terms.a('pawn')}`,
  'pawn-needs-a-man': `move ${terms.a('pawn')} diagonally without a capture`,
  'passing-is-over': `${terms.one('capture')} ${terms.one('in-passing')} too late`,
  'nobody-there': 'mark an empty square',
  'own-side': 'mark their own piece',
  'is-the-target': `${terms.one('capture')} what they should attack`,
  'is-free': 'overlook a free square',
  'is-own-man': `overlook a piece of the ${terms.one('king')}’s own beside it`,
  'not-beside-king': `look away from the ${terms.one('king')}`,
  protected: 'overlook a protector',
  'is-guarded': 'overlook a guard',
  'guarded-through-king': `forget that a line goes on through the ${terms.one('king')}`,
  'can-be-taken': `go where they can be ${terms.done('capture')}`,
  'takes-back': `overlook who ${terms.many('capture')} back`,
  'attacks-not': 'attack from where it does not reach',
  'would-attack': 'miss a square to attack from',
  'has-a-way': 'overlook a safe square',
  'rank-before-file': 'say the number before the letter',
  'wrong-file': 'mix up the letter',
  'wrong-rank': 'mix up the number',
  'another-square': 'find another square',
  'no-such-square': 'write something that is not a square',
  'belongs-elsewhere': 'put a piece on the wrong square',
  'is-missing': 'forget a piece',
  'is-extra': 'put on one piece too many',
  'wrong-side': 'use a piece of the wrong colour',
  'board-turned': 'turn the board',
  'armies-exchanged': 'put the armies on the wrong sides',
  'king-queen-exchanged': `swap ${terms.one('king')} and ${terms.one('queen')}`,
  'bishop-knight-exchanged': `swap ${terms.one('bishop')} and ${terms.one('knight')}`,
  'too-many': 'count too many',
  'too-few': 'count too few',
  'wrong-option': 'choose something that is not true',
  'missing-option': 'do not find everything that is true',
  'right-because': 'answer correctly',
  'goes-round': 'take a longer way',
  'move-not-meant': 'play a different move from the written one',
  'mate-not-yet': 'think a check, or less, is mate',
  stalemates: `give ${terms.one('stalemate')}`,
  'still-mates': 'let the mate happen',
  'not-a-legal-move': 'play a move that is not allowed',
  'writes-another': 'write another move',
  unreadable: 'write something that cannot be read',
  'still-differs': 'do not find the writing mistake',
  'usually-written': 'write it in another way',
  'man-not-meant': 'choose the wrong one of two pieces',
  'man-meant': 'miss the piece that is meant',
  'no-mate-there': 'see the end of a mate on another square',
  'mates-there': 'do not see the end of a mate',
  'line-breaks': 'begin a line that breaks',
  'lasts-longer': 'forget the best defence',
  'line-too-short': 'stop before the end of the line',
  'way-too-short': 'stop before the end of the way',
  'cannot-yet': 'play a move too early',
  'miss-knight': `do not see ${terms.a('knight')}'s jump`,
  'miss-backward': 'do not see a move backwards',
  'miss-long-diagonal': `do not see a long ${terms.one('diagonal')}`,
  'miss-en-passant': `do not see ${terms.one('in-passing')}`,
  'miss-discovered': 'do not see a line that opens',
  'miss-behind': 'do not see a piece behind another',
  'not-marked': 'choose a square that is not asked about',
  'not-your-man': 'mark a piece of the other side',
  tally: 'choose a weaker square',
  'king-steps-into-check': `move the ${terms.one('king')} into check`,
  'leaves-king-in-check': `leave the ${terms.one('king')} in check`,
  'king-is-never-taken': `${terms.one('capture')} ${terms.a('king')}`,
  'is-pinned-there': 'move a pinned piece',
  'not-mate-yet': 'put the missing piece where it does not mate',
  'answers-otherwise': 'mix up the ways to answer an attack',
  'move-is-lost': 'choose an answer to an attack that loses something',
  'can-answer': 'overlook an answer to the attack',
  'cannot-answer': 'choose a piece that cannot help',
  'game-lost': `lose the ${terms.many('pawn')} game`,
  'game-drawn': `do not win the ${terms.many('pawn')} game`,
  'sheet-differs': 'write a different move from the one played',
  'not-on-the-sheet': 'do not use the signs that can be read',
  'does-not-go-on': 'do not use the moves that follow',
});

function isDiagnosis(code: string, terms: Terms): code is Diagnosis {
  return code in diagnosisTexts(terms);
}

/** "4 of 6 children stumble. 3 say the number before the letter." */
export function troubleSpotText({ children, stumbled, mistakes }: TroubleSpot, terms: Terms): string {
  const [first] = mistakes;
  const told = `${stumbled} of ${children} ${children === 1 ? 'child stumbles' : 'children stumble'}.`;
  if (first === undefined || !isDiagnosis(first.code, terms)) return told;
  return `${told} ${first.children} ${diagnosisTexts(terms)[first.code]}.`;
}

/** "let the king escape": what answers with this mistake do. */
export function mistakeText(code: string, terms: Terms): string {
  return isDiagnosis(code, terms) ? diagnosisTexts(terms)[code] : 'make a mistake that is no longer recorded';
}

/** "Still to come: knight and pawn.": what a stage asks for before it is mastered, the first thing of it; empty where nothing is. */
export function gapText(gaps: readonly StageGap[], terms: Terms): string {
  const [gap] = gaps;
  switch (gap?.kind) {
    case undefined:
      return '';
    case 'pieces':
      return `Still to come: ${listWords(gap.pieces.map((piece) => terms.one(piece)))}.`;
    case 'families': {
      // One name at a time: a child does one thing next.
      const [first] = gap.families;
      const name = first === undefined ? '' : `“${familyName(first, terms)}”`;
      return gap.count === 1
        ? `Still to come: ${name}.`
        : `Still to come: ${countWords(gap.count, 'exercise')}. Begin with ${name}.`;
    }
    case 'another-day':
      return 'Show it once more on another day.';
  }
}

/** To the child: what they can, and what to do. */
export function masteryStateText(masteryState: MasteryState): string {
  switch (masteryState) {
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
export const MASTERY_STATE_WORDS: Readonly<Record<MasteryState, string>> = {
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

/** What a child's own games held: "3 of 5 mates played, 1 missed, 1 played too late." */
export function listGameChances({ mates, gains, losses, mated }: ChildStory['games']): string[] {
  const mateCount = mates.played + mates.slower + mates.missed;
  const gainCount = gains.played + gains.missed;
  return [
    mateCount === 0
      ? 'There was no forced mate to play.'
      : `${mates.played} of ${countWords(mateCount, 'mate')} played, ${mates.missed} missed, ${mates.slower} played too late.`,
    gainCount === 0
      ? 'There was no material to win.'
      : `${gains.played} of ${countWords(gainCount, 'chance')} to win material used, ${gains.missed} missed.`,
    `${countWords(losses, 'move')} that lost material, ${mated} that allowed mate.`,
  ];
}
