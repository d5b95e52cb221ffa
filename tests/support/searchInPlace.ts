/**
 * The worker's thread as a plain call: what is under test is the page around it. Stands in by
 * `jest.mock('@/workers/browser', () => jest.requireActual('.../tests/support/searchInPlace'))`.
 */
import type { Progress, Question } from '@/workers/protocol';
import { answerQuestion } from '@/workers/tasks';

/** What was asked since a test emptied it. */
export const askedInPlace: Question[] = [];

/** Fates deep enough for a test. */
const FATE_PLIES = 3;

export const startSearchWorker = () => undefined;
export const createSearchClient = () => ({
  stopAll: () => undefined,
  ask(question: Question, onProgress?: (progress: Progress) => void) {
    askedInPlace.push(question);
    const shallow = question.kind === 'fates' ? { ...question, plies: FATE_PLIES } : question;
    const answer = answerQuestion(shallow, (progress) => {
      onProgress?.(progress);
      return 'go';
    });
    return { stop: () => undefined, outcome: Promise.resolve({ kind: 'answer', answer }) };
  },
});
