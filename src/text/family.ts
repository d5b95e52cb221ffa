/** What the words of a family of exercises are: one file a family in `families`, made of the terms of the house. */
import type { ExerciseId, FamilyQuestion, QuestionOf, RuleVariant } from '@/core/exercises';
import type { Terms } from './terms';

export interface FamilyWords<Question extends FamilyQuestion = FamilyQuestion> {
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
  /** Reasons that mean something of their own here, by their codes. */
  readonly reasons?: Readonly<Record<string, string>>;
}

export type MakeFamilyWords<Id extends ExerciseId> = (terms: Terms) => FamilyWords<QuestionOf<Id>>;
