/** Answers what seats send and ask again and again (contracts/seatRoutes.ts), with no page server in between. */
import type { IncomingMessage, ServerResponse } from 'node:http';
import { newAttemptSchema, newShownSchema } from '@/contracts/attempts';
import type { ServiceFault } from '@/contracts/faults';
import { openLiveTaskSchema } from '@/contracts/live';
import { newSuggestionSchema } from '@/contracts/seatLesson';
import { unsentNewsSchema } from '@/contracts/unsent';
import { SEAT_ROUTES, type SeatRouteName } from '@/contracts/seatRoutes';
import { failure, success, type Result } from '@/core/shared';
import type { StudentActor } from '@/server/auth/actors';
import { parseInput } from '@/server/auth/parseInput';
import { findStudentOf } from '@/server/auth/seatSession';
import { toJsonReply } from '@/server/jsonReply';
import { readJson } from '@/server/readJson';
import { getSeatNews, openLiveTask, storeSuggestion } from '@/server/services/live';
import { getPlaceNews } from '@/server/services/news';
import { storeOrTell } from '@/server/services/refusedAnswers';
import { storeAttempt, storeShown } from '@/server/services/seat';
import { noteUnsentAnswers } from '@/server/services/unsentAnswers';

type Deed = (actor: StudentActor, body: unknown) => Promise<Result<unknown, ServiceFault>>;

const DEEDS: Readonly<Record<SeatRouteName, Deed>> = {
  // The same client id twice stores once.
  attempts: (actor, body) => storeOrTell(actor, body, newAttemptSchema, storeAttempt),
  shown: async (actor, body) => {
    const input = parseInput(newShownSchema, body);
    return input.ok ? storeShown(actor, input.value) : input;
  },
  suggestions: (actor, body) => storeOrTell(actor, body, newSuggestionSchema, storeSuggestion),
  // Opened twice, it is one.
  rounds: async (actor, body) => {
    const input = parseInput(openLiveTaskSchema, body);
    return input.ok ? openLiveTask(actor, input.value) : input;
  },
  unsent: async (actor, body) => {
    const input = parseInput(unsentNewsSchema, body);
    return input.ok ? noteUnsentAnswers(actor, input.value) : input;
  },
  news: async (actor) => success(await getSeatNews(actor)),
  place: async (actor) => success(await getPlaceNews(actor)),
};

const NAMES = new Map(
  (Object.keys(SEAT_ROUTES) as SeatRouteName[]).map((name) => [SEAT_ROUTES[name].path as string, name]),
);

/** Which of the seat's routes this asks for, if any. */
export function findSeatRoute(url: string): SeatRouteName | undefined {
  return NAMES.get(url.split('?', 1)[0] ?? '');
}

/** Rejects with what went wrong on our side, when nothing was answered. */
export async function answerSeat(
  name: SeatRouteName,
  request: IncomingMessage,
  response: ServerResponse,
): Promise<void> {
  const { method } = SEAT_ROUTES[name];
  if (request.method !== method) {
    send(response, 405, { allow: method }, { message: 'This method is not used here.' });
    return;
  }
  const actor = await findStudentOf(request, response);
  const body = method === 'POST' ? await readJson(request) : undefined;
  const result: Result<unknown, ServiceFault> =
    actor === undefined ? failure({ code: 'access/not-signed-in' }) : await DEEDS[name](actor, body);
  const reply = toJsonReply(result);
  send(response, reply.status, reply.headers, reply.body);
}

function send(
  response: ServerResponse,
  status: number,
  headers: Readonly<Record<string, string>>,
  body: unknown,
): void {
  // Told already that the database is away.
  if (response.headersSent || response.writableEnded) return;
  const text = Buffer.from(JSON.stringify(body));
  response.writeHead(status, {
    ...headers,
    'content-type': 'application/json',
    'content-length': text.length,
  });
  response.end(text);
}
