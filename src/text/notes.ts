/** Why an answer is not right: always with the square and the piece it is about, kind, and short enough for an eight-year-old. */
import {
  isChoiceNote,
  type AnswerForm,
  type FamilyNote,
  type FamilyReason,
  type Scene,
  type Verdict,
} from '@/core/exercises';
import type { Side } from '@/core/board';
import { optionText } from './exercises';
import type { FamilyWords } from './family';
import { countWords } from './words';
import { type Spoken, spoken } from './terms';

/** The head of what is said: right, or what is too much and what is missing. */
export function verdictText(verdict: Verdict, ask: AnswerForm): Spoken {
  const { outcome, right, extra, missed } = verdict;
  const { kind: mode } = ask;
  if (outcome === 'right')
    return spoken(mode === 'tap' && right.length > 1 ? `Yes, all ${right.length}.` : 'Yes, that is right.');
  if (outcome === 'unfinished') return spoken('Go on.');
  // One square is asked for: to count what is wrong and missing says nothing.
  if ((mode !== 'tap' && mode !== 'place') || (ask.kind === 'tap' && ask.isSingle)) return spoken('Not yet.');
  if (extra.length === 0 && missed.length > 0) {
    const head = right.length > 0 ? 'Right so far.' : 'Not yet.';
    return spoken(`${head} ${countWords(missed.length, 'is', 'are')} still missing.`);
  }
  if (mode === 'place') return spoken('Not yet.');
  return spoken(
    `${countWords(extra.length, 'square')} not right${missed.length > 0 ? `, ${missed.length} missing` : ''}.`,
  );
}

/** One note in the words of its family; `scene` is the board the answer was given on. */
export function noteText(words: FamilyWords, note: FamilyNote, scene: Scene): Spoken {
  if (!isChoiceNote(note)) {
    // A family words its own notes, each by its code.
    return spoken(words.notes?.[note.code]?.text(note as never, scene) ?? '');
  }
  const reason = reasonText(words, note.reason, scene.turn ?? 'white');
  return spoken(
    note.code === 'wrong-option' ? `${optionText(words, note.option)}? ${reason}`.trim() : reason,
  );
}

/** The evidence for a choice; "" when there is nothing to say. */
function reasonText({ reasons }: FamilyWords, reason: FamilyReason | undefined, side: Side): string {
  return reason === undefined ? '' : (reasons?.[reason.code]?.(reason as never, side) ?? '');
}
