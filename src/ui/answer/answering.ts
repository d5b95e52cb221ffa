import type { Answer, Exercise, Verdict } from '@/core/exercises';
import type { FamilyWords } from '@/text';
import type { Draft } from '@/ui/device';

/** What all modes share: the verdict on the answer that was given last, the help that is open, and whether the solution is shown. */
export interface Answering {
  readonly exercise: Exercise;
  /** What is said of its family, in the words of the house. */
  readonly words: FamilyWords;
  /** Keeps what is made of the answer. */
  readonly draft: Draft;
  /** Undefined while an answer is being made. */
  readonly verdict: Verdict | undefined;
  readonly isShown: boolean;
  readonly isOver: boolean;
  readonly helpCount: number;
  readonly give: (answer: Answer) => Verdict;
  /** The answer is changed: the old verdict goes. */
  readonly change: () => void;
  readonly askHelp: () => void;
  readonly show: () => void;
  /** The solution was shown by the player itself. */
  readonly tellShown: () => void;
}
