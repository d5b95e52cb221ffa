/**
 * One simulated child on its device: signs in with its card, hears the board, thinks, answers, changes its mind and drops out. It speaks
 * to the server over HTTP only, and keeps its answers in the same outbox as the app, so that a server that is away loses none.
 */
import { z } from 'zod/mini';
import { v4 as makeUuid } from 'uuid';
import { keptAttemptSchema, type KeptAttempt, type SeatRound } from '@/contracts/attempts';
import {
  keptSuggestionSchema,
  seatNewsSchema,
  type KeptSuggestion,
  type LiveQuestion,
} from '@/contracts/seatLesson';
import type { KeyPicture } from '@/contracts/people';
import { SEAT_ROUTES } from '@/contracts/seatRoutes';
import { findPosition, getDraft, makeMoveText, type MoveText } from '@/core/notation';
import { isCheckmate, listHandMoves, listLegalMoves, playMove } from '@/core/rules';
import {
  createOutbox,
  pickOne,
  type DeviceClocks,
  type KeyStore,
  type Random,
  type SendResult,
} from '@/core/shared';
import { simulateTries } from '../demo/simulate';

/** What a child has in its hand: the card with its pictures, and how strong it is (0 to 1). */
export interface SimCard {
  readonly name: string;
  readonly studentId: number;
  readonly joinCode: string;
  readonly key: readonly KeyPicture[];
  readonly strength: number;
}

export const simCardsSchema: z.ZodMiniType<SimCard[]> = z.array(
  z.object({
    name: z.string(),
    studentId: z.number(),
    joinCode: z.string(),
    key: z.array(z.custom<KeyPicture>((value) => typeof value === 'string')),
    strength: z.number(),
  }),
);

const CLOCKS: DeviceClocks = {
  sinceMs: (moment) => Date.now() - Date.parse(moment),
  steadyMs: () => performance.now(),
};

/** Of the round that a task is opened with, what a simulated child reads. */
const roundSchema = z.custom<SeatRound>(
  (value: unknown) => typeof value === 'object' && value !== null && 'roundId' in value && 'tasks' in value,
);

export interface SimSeat {
  readonly name: string;
  /** One look at the board; whatever goes wrong is tried again at the next. */
  look(): Promise<void>;
  /** Sends what still waits. */
  flush(): Promise<void>;
  /** Ids of all answers given so far, sent or not. */
  readonly given: readonly string[];
  readonly waiting: () => number;
  readonly isSignedIn: () => boolean;
}

interface Answered {
  readonly status: number;
  readonly cookies: readonly string[];
  /** What was said, when it was said well. */
  readonly value: unknown;
}

/** Opens a seat at a server. `random` decides everything the child does. */
export function openSimSeat(options: {
  readonly origin: string;
  readonly card: SimCard;
  readonly random: Random;
  readonly say: (text: string) => void;
  /** An answer is stored; so long it took from when it was given, in milliseconds. */
  readonly onStored: (clientId: string, waitedMs: number) => void;
}): SimSeat {
  const { origin, card, random, say, onStored } = options;
  const given: string[] = [];
  let cookie = '';
  const waiting = { moves: 0, attempts: 0 };
  // Looks until the child is back; the question it is at, looks until it answers, and whether it will change its mind.
  let awayLooks = 0;
  let asked: LiveQuestion['questionId'] | undefined;
  let thinkLooks = 0;
  let answersLeft = 0;

  /** Undefined: nothing came back, or only a part of it. */
  async function request(address: string, body?: unknown): Promise<Answered | undefined> {
    try {
      const response = await fetch(`${origin}${address}`, {
        method: body === undefined ? 'GET' : 'POST',
        headers: { cookie, 'content-type': 'application/json' },
        ...(body === undefined ? {} : { body: JSON.stringify(body) }),
      });
      const { status, ok, headers } = response;
      return { status, cookies: headers.getSetCookie(), value: ok ? await response.json() : undefined };
    } catch {
      // No server: the same as no network.
      return undefined;
    }
  }

  async function post(
    address: string,
    item: Readonly<Record<'clientId', string>>,
    waitedMs: number,
  ): Promise<SendResult> {
    const sentAt = performance.now();
    const response = await request(address, { ...item, waitedMs });
    if (response?.status === 200) {
      onStored(item.clientId, waitedMs + performance.now() - sentAt);
      return 'stored';
    }
    if (response === undefined || response.status >= 500 || response.status === 429) return 'later';
    return response.status === 401 || response.status === 403 ? 'sign-in' : 'refused';
  }

  const moves = createOutbox<KeptSuggestion>({
    store: makeStore(),
    key: 'moves',
    schema: keptSuggestionSchema,
    clocks: CLOCKS,
    send: (item, waitedMs) => post(SEAT_ROUTES.suggestions.path, item, waitedMs),
    onChange: (state) => (waiting.moves = state.waiting),
  });
  const attempts = createOutbox<KeptAttempt>({
    store: makeStore(),
    key: 'attempts',
    schema: keptAttemptSchema,
    clocks: CLOCKS,
    send: (item, waitedMs) => post(SEAT_ROUTES.attempts.path, item, waitedMs),
    onChange: (state) => (waiting.attempts = state.waiting),
  });

  async function signIn(): Promise<void> {
    const { joinCode, studentId, key } = card;
    const response = await request('/api/seat/sign-in', { joinCode, studentId, key });
    if (response?.status !== 200) return;
    cookie = response.cookies.map((line) => line.split(';')[0] ?? '').join('; ');
    say(`${card.name} sits down.`);
  }

  function suggest({ questionId, fen }: LiveQuestion): void {
    const move = thinkOfMove(random, card.strength, fen);
    if (move === undefined) return;
    const clientId = makeUuid();
    given.push(clientId);
    moves.add({ clientId, questionId, move, answeredAt: new Date().toISOString() });
    say(`${card.name} says ${move}.`);
  }

  async function tryTask(questionId: LiveQuestion['questionId']): Promise<void> {
    const response = await request(SEAT_ROUTES.rounds.path, { questionId });
    const round = roundSchema.safeParse(response?.value).data;
    const task = round?.tasks[0];
    if (round === undefined || task === undefined) {
      // Not opened: at the next look the child tries once more.
      thinkLooks = 1;
      return;
    }
    for (const { answer, hints, spentMs } of simulateTries(random, card.strength, task)) {
      const clientId = makeUuid();
      given.push(clientId);
      const answeredAt = new Date().toISOString();
      attempts.add({
        clientId,
        roundId: round.roundId,
        taskId: task.taskId,
        answer,
        hints,
        spentMs,
        answeredAt,
      });
    }
    answersLeft = 0;
    say(`${card.name} has answered.`);
  }

  async function look(): Promise<void> {
    if (awayLooks > 0) {
      awayLooks -= 1;
      if (awayLooks === 0) say(`${card.name} is back.`);
      return;
    }
    if (cookie === '') {
      await signIn();
      return;
    }
    // It does not go while its answer waits: how long that takes is what is measured.
    if (waiting.moves + waiting.attempts === 0 && random() < DROP_OUT) {
      awayLooks = 3 + Math.floor(6 * random());
      say(`${card.name} is gone.`);
      return;
    }
    await flush();
    const response = await request(SEAT_ROUTES.news.path);
    if (response?.status === 401) cookie = '';
    const question = seatNewsSchema.safeParse(response?.value).data?.question;
    if (question === undefined) return;
    if (question.questionId !== asked) {
      asked = question.questionId;
      thinkLooks = 1 + Math.floor(5 * random());
      answersLeft = random() < CHANGES_MIND ? 2 : 1;
    }
    if (answersLeft === 0) return;
    thinkLooks -= 1;
    if (thinkLooks > 0) return;
    if (question.taskId === undefined) {
      suggest(question);
      answersLeft -= 1;
      thinkLooks = 2;
    } else await tryTask(question.questionId);
  }

  async function flush(): Promise<void> {
    await moves.flush();
    await attempts.flush();
  }

  return {
    name: card.name,
    look,
    flush,
    given,
    waiting: () => waiting.moves + waiting.attempts,
    isSignedIn: () => cookie !== '',
  };
}

/** Chances at each look, or each question. */
const DROP_OUT = 0.015;
const CHANGES_MIND = 0.2;

/** A mate when there is one and the child sees it, else any move of the side to move. */
function thinkOfMove(random: Random, strength: number, fen: string): MoveText | undefined {
  const draft = getDraft(fen);
  const position = findPosition(fen);
  const legal =
    position === undefined
      ? draft.board.flatMap((man, square) => (man?.side === draft.turn ? listHandMoves(draft, square) : []))
      : listLegalMoves(position);
  if (legal.length === 0) return undefined;
  const mates = position === undefined ? [] : legal.filter((move) => isCheckmate(playMove(position, move)));
  const seen = mates.length > 0 && random() < strength ? mates : legal;
  return makeMoveText(pickOne(random, seen));
}

function makeStore(): KeyStore {
  const texts = new Map<string, string>();
  return {
    getItem: (key) => texts.get(key) ?? null,
    setItem: (key, value) => void texts.set(key, value),
    removeItem: (key) => void texts.delete(key),
  };
}
