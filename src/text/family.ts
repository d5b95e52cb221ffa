/** What the words of a family of exercises are: one file a family in `families`, made of the terms of the house. */
import type { Side } from '@/core/board';
import type {
  ChoiceNote,
  ExerciseId,
  FamilyNote,
  FamilyQuestion,
  FamilyReason,
  NoteOf,
  QuestionOf,
  ReasonIn,
  RuleVariant,
  Scene,
} from '@/core/exercises';
import type { Terms } from './terms';

interface TaskWords<Question extends FamilyQuestion> {
  readonly name: string;
  /** What each level adds to the one before it, for the coach. */
  readonly levels: readonly string[];
  /** The first step of help: the rule the exercise is about, in one or two short sentences. */
  readonly rule: string;
  /** Its forms, where the rule depends on how the board is shown. */
  readonly rules?: Readonly<Record<RuleVariant, string>>;
  /** Short, verbs first. */
  question(question: Question): string;
  /** The question says whose move it is. */
  readonly isTurnSaid?: boolean;
  /** Choices and labels, by their codes. */
  readonly options?: Readonly<Record<string, string>> | ((option: string) => string);
  /** Help that tells how many there are, where that is not simply a number. */
  readonly count?: (count: number) => string;
}

/** The member of a union that has this code. */
type ByCode<Coded extends FamilyNote, Code extends string> = Coded extends unknown
  ? Code extends Coded['code']
    ? Coded & { readonly code: Code }
    : never
  : never;

/** What is said of one kind of note. */
export interface NoteWord<Note> {
  /** To the child, about the board the answer was given on. */
  readonly text: (note: Note, scene: Scene) => string;
  /** To the coach: what children do who make this mistake, "3 of 5 children ...". */
  readonly mistake: string;
}

export type NoteWords<Note extends FamilyNote> = {
  readonly [Code in Note['code']]: NoteWord<ByCode<Note, Code>>;
};

/** The evidence in a sentence; `side` is whose turn it is. */
export type ReasonWords<Reason extends FamilyReason> = {
  readonly [Code in Reason['code']]: (reason: ByCode<Reason, Code>, side: Side) => string;
};

/** The words of a family as screens use them: nothing of its own types is left. */
export interface FamilyWords extends TaskWords<FamilyQuestion> {
  readonly notes?: Readonly<Record<string, NoteWord<never>>>;
  readonly reasons?: Readonly<Record<string, (reason: never, side: Side) => string>>;
}

/** The words of one family: every question, note and reason of its own type is worded, but a note of a choice, which its options and reasons say. */
export type WordsOf<Question extends FamilyQuestion, Note extends FamilyNote> = TaskWords<Question> &
  NotesPart<Exclude<Note, { readonly code: ChoiceNote['code'] }>> &
  ReasonsPart<ReasonIn<Note>>;

type NotesPart<Note extends FamilyNote> = [Note] extends [never]
  ? unknown
  : { readonly notes: NoteWords<Note> };

type ReasonsPart<Reason extends FamilyReason> = [Reason] extends [never]
  ? unknown
  : { readonly reasons: ReasonWords<Reason> };

export type MakeFamilyWords<Id extends ExerciseId> = (terms: Terms) => WordsOf<QuestionOf<Id>, NoteOf<Id>>;
