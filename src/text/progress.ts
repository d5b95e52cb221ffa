/** What a class finds hard and where a child stands, in words for the coach and for the child. */
import { EXERCISE_IDS, type ChoiceNote, type MateDiagnosis, type MissGeometry } from '@/core/exercises';
import type { ChildStory, HomeworkCell } from '@/contracts/progress';
import type { TroubleSpot, StageGap, MasteryState } from '@/core/progress';
import { familyName, familyWords } from './familyTexts';
import { countWords, listWords } from './words';
import type { Terms } from './terms';

/** Mistakes of a mate, of a choice, and moves that were not seen; those of a family are told by its own words. */
const commonMistakes = (
  terms: Terms,
): Readonly<Record<MateDiagnosis | MissGeometry | ChoiceNote['code'], string>> => ({
  stalemate: `give ${terms.one('stalemate')}`,
  draws: 'allow a draw',
  slower: 'mate, but not the shortest way',
  'gets-mated': 'allow mate',
  'loses-men': 'lose pieces',
  escapes: `let the ${terms.one('king')} escape`,
  'not-in-task': 'play something else',
  'wrong-option': 'choose something that is not true',
  'missing-option': 'do not find everything that is true',
  'right-because': 'answer correctly',
  'miss-knight': `do not see ${terms.a('knight')}'s jump`,
  'miss-backward': 'do not see a move backwards',
  'miss-long-diagonal': `do not see a long ${terms.one('diagonal')}`,
  'miss-en-passant': `do not see ${terms.one('in-passing')}`,
  'miss-discovered': 'do not see a line that opens',
  'miss-behind': 'do not see a piece behind another',
});

/** Every mistake by its code; families that share a note share its sentence. */
function listMistakes(terms: Terms): ReadonlyMap<string, string> {
  return new Map([
    ...EXERCISE_IDS.flatMap((family) =>
      Object.entries(familyWords(family, terms).notes ?? {}).map(
        ([code, { mistake }]) => [code, mistake] as const,
      ),
    ),
    ...Object.entries(commonMistakes(terms)),
  ]);
}

/** "4 of 6 children stumble. 3 say the number before the letter." */
export function troubleSpotText({ children, stumbled, mistakes }: TroubleSpot, terms: Terms): string {
  const [first] = mistakes;
  const told = `${stumbled} of ${children} ${children === 1 ? 'child stumbles' : 'children stumble'}.`;
  const mistake = first && listMistakes(terms).get(first.code);
  return first === undefined || mistake === undefined ? told : `${told} ${first.children} ${mistake}.`;
}

/** "let the king escape": what answers with this mistake do. */
export function mistakeText(code: string, terms: Terms): string {
  return listMistakes(terms).get(code) ?? 'make a mistake that is no longer recorded';
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
