/**
 * When is a topic to be looked at again? A topic is remembered and forgotten like a card, by the free scheduler FSRS (version 6, its own
 * default weights, computed by the package `ts-fsrs`): right at once is "good", right with help "hard", anything else "again". It is due
 * when the chance to get it right is believed to have fallen to nine in ten. Only the first answer to a task in a round counts, and the
 * state after each is a function of the state before it and the answer, so that it can be worked out anew from the stored answers.
 *
 * Of the newest answers twenty are kept by their ids: how well the topic is known is weighed from them as everywhere (weigh.ts).
 */
import {
  createEmptyCard,
  forgetting_curve,
  fsrs,
  Rating,
  State,
  type Card,
  type CardInput,
  type Grade,
} from 'ts-fsrs';
import { z } from 'zod/mini';
import type { RecallOf } from './mastery';
import type { Topic } from './topics';
import {
  LEAST_TELLING,
  masteryStateOf,
  MOST_WEIGHED,
  RESULTS,
  weighResults,
  type Mastery,
  type MasteryState,
} from './weigh';

const DAY_MS = 86_400_000;

/** A topic is due when it is believed to be known no better than this. */
export const RETENTION = 0.9;

const scheduler = fsrs({
  request_retention: RETENTION,
  // The same answers give the same days.
  enable_fuzz: false,
  // A class meets once a week: steps of minutes mean nothing here.
  enable_short_term: false,
});

const cardSchema = z.object({
  stability: z.number(),
  difficulty: z.number(),
  reps: z.int(),
  lapses: z.int(),
  state: z.enum(State),
  scheduledDays: z.number(),
  dueMs: z.number(),
  lastMs: z.number(),
});

export const topicStateSchema = z.object({
  card: cardSchema,
  /** Newest first: the stored answer, and how right it was (1 at once, 0.6 with help, 0 otherwise). */
  recent: z.array(z.tuple([z.int(), z.number()])).check(z.maxLength(MOST_WEIGHED)),
  /** All that counted, ever. */
  answers: z.int(),
  right: z.int(),
});
export type TopicState = z.infer<typeof topicStateSchema>;

/** A first answer to a task of the topic. */
export interface TopicAnswer {
  readonly attemptId: number;
  readonly isRight: boolean;
  readonly hints: number;
  /** When it was given, in milliseconds; one given before the last that is known counts as given together with it. */
  readonly atMs: number;
}

/** The state after one more answer; undefined before the first. */
export function learnTopic(state: TopicState | undefined, answer: TopicAnswer): TopicState {
  const at = Math.max(answer.atMs, state?.card.lastMs ?? 0);
  const { card } = scheduler.next(
    state === undefined ? createEmptyCard(at) : toCard(state),
    at,
    gradeOf(answer),
  );
  return {
    card: fromCard(card, at),
    recent: [[answer.attemptId, resultOf(answer)] satisfies [number, number], ...(state?.recent ?? [])].slice(
      0,
      MOST_WEIGHED,
    ),
    answers: (state?.answers ?? 0) + 1,
    right: (state?.right ?? 0) + (resultOf(answer) === RESULTS.atOnce ? 1 : 0),
  };
}

function gradeOf({ isRight, hints }: TopicAnswer): Grade {
  if (!isRight) return Rating.Again;
  return hints > 0 ? Rating.Hard : Rating.Good;
}

function resultOf({ isRight, hints }: TopicAnswer): number {
  if (!isRight) return RESULTS.never;
  return hints > 0 ? RESULTS.withHelp : RESULTS.atOnce;
}

function toCard({ card }: TopicState): CardInput {
  return {
    ...createEmptyCard(card.lastMs),
    due: card.dueMs,
    last_review: card.lastMs,
    stability: card.stability,
    difficulty: card.difficulty,
    scheduled_days: card.scheduledDays,
    reps: card.reps,
    lapses: card.lapses,
    state: card.state,
  };
}

function fromCard(card: Card, lastMs: number): TopicState['card'] {
  return {
    stability: card.stability,
    difficulty: card.difficulty,
    reps: card.reps,
    lapses: card.lapses,
    state: card.state,
    scheduledDays: card.scheduled_days,
    dueMs: card.due.getTime(),
    lastMs,
  };
}

/** The chance, 0 to 1, that the topic is remembered at a moment. */
export function recallAt({ card }: TopicState, atMs: number): number {
  const days = Math.max(0, (atMs - card.lastMs) / DAY_MS);
  return forgetting_curve(scheduler.parameters.w, days, card.stability);
}

/** How well each family is remembered now, for whoever asks whether it is still shown. */
export function makeRecall(states: ReadonlyMap<Topic, TopicState>, nowMs: number): RecallOf {
  return (family) => {
    const state = family === 'mate' ? undefined : states.get(`family:${family}`);
    return state && recallAt(state, nowMs);
  };
}

export const isDue = ({ card }: TopicState, atMs: number): boolean => card.dueMs <= atMs;

/** How well a topic is known by its newest answers. */
export const weighTopic = ({ recent }: TopicState): Mastery =>
  weighResults(recent.map(([, result]) => result));

/** Where a child stands in a topic, in the words of the stages. */
export const topicMasteryState = (mastery: Mastery): MasteryState => masteryStateOf(mastery, LEAST_TELLING);
