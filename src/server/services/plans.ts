/** What a class is to be taught: plans of timed segments. */
import type { ServiceFault } from '@/contracts/faults';
import type { ClassId, PlanId } from '@/contracts/ids';
import {
  findLine,
  type LessonPlan,
  type NewPlan,
  type PlanItem,
  type PlanSummary,
  type SavePlan,
  type Segment,
} from '@/contracts/lessons';
import type { PlanSheet, PrintedFile } from '@/contracts/print';
import { getDraft, makeFen } from '@/core/notation';
import { BARE_PICTURES } from '@/core/patterns';
import { failure, success, type Result } from '@/core/shared';
import { countText, makeTerms, makeStagePlan, planItemText, SEGMENT_WORDS } from '@/text';
import { runInPool, askPrinter } from '@/workers/node';
import { requireVisibleClass, findOwnSet, requireEditableClass, type CoachActor } from '../auth/actors';
import {
  createPlan,
  deletePlan,
  findPlan,
  findPlanByRequest,
  updatePlan,
  type PlanRecord,
} from '../data/plans';
import { getDb, storeOnce, withTransaction, type Db } from '../db';
import { getNow } from './clock';
import { makeFileName } from './fileName';
import { listSpokenWords } from './houseWords';
import * as lessonsText from '@/text/screens/lessons';

/** Seeds of templates lie so far apart that two plans of one stage do not hold the same exercises. */
const SEED_STEP = 1000;
const SEEDS = 900;

/** Makes a plan: empty, as a stage is usually taught, or as a copy of another plan one may see. The same request makes it once. */
export async function addPlan(
  actor: CoachActor,
  { requestId, classId, title, from }: NewPlan,
): Promise<Result<PlanId, ServiceFault>> {
  return storeOnce(async (db) => {
    const known = await findPlanByRequest(db, requestId);
    if (known !== undefined) return success(known);
    if ((await requireEditableClass(db, actor, classId)) === undefined)
      return failure<ServiceFault>({ code: 'class/not-found' });
    const segments = await makeSegments(db, actor, from, classId);
    if (!segments.ok) return segments;
    const now = getNow();
    return success(await createPlan(db, { classId, title, segments: segments.value, requestId, now }));
  });
}

async function makeSegments(
  db: Db,
  actor: CoachActor,
  from: NewPlan['from'],
  classId: ClassId,
): Promise<Result<readonly Segment[], ServiceFault>> {
  if (from === undefined) return success([]);
  if (from.kind === 'stage') {
    const terms = makeTerms(await listSpokenWords(db, actor.clubId, classId));
    return success(makeStagePlan(from.stage, 1 + SEED_STEP * (classId % SEEDS), terms));
  }
  const found = await findOwnPlan(db, actor, from.planId);
  return found === undefined ? failure({ code: 'plan/not-found' }) : success(found.segments);
}

/** The plan when it is one of a class this coach may see. */
async function findOwnPlan(db: Db, actor: CoachActor, planId: PlanId): Promise<PlanRecord | undefined> {
  const found = await findPlan(db, planId);
  if (found === undefined || (await requireVisibleClass(db, actor, found.classId)) === undefined)
    return undefined;
  return found;
}

export async function getPlan(actor: CoachActor, planId: PlanId): Promise<Result<LessonPlan, ServiceFault>> {
  const db = getDb();
  const found = await findOwnPlan(db, actor, planId);
  if (found === undefined) return failure({ code: 'plan/not-found' });
  const mayChange = (await requireEditableClass(db, actor, found.classId)) !== undefined;
  return success({ ...found, mayChange });
}

/** Saves over the revision that was read; gives the new one. Refused when somebody has saved meanwhile. */
export async function savePlan(
  actor: CoachActor,
  { planId, revision, title, segments }: SavePlan,
): Promise<Result<number, ServiceFault>> {
  const refusal = await refuseLines(actor, planId, segments);
  if (refusal !== undefined) return failure(refusal);
  return withTransaction(async (db) => {
    const found = await findPlan(db, planId);
    if (found === undefined || (await requireEditableClass(db, actor, found.classId)) === undefined)
      return failure<ServiceFault>({ code: 'plan/not-found' });
    if (await updatePlan(db, { planId, revision }, { title, segments })) return success(revision + 1);
    // The same save again, because its answer was lost, is no change of somebody else's.
    const isSame =
      found.revision === revision + 1 &&
      found.title === title &&
      JSON.stringify(found.segments) === JSON.stringify(segments);
    return isSame ? success(found.revision) : failure<ServiceFault>({ code: 'plan/changed' });
  });
}

/** Why these lines may not be stored. Only who may change the plan makes the worker threads read them. */
async function refuseLines(
  actor: CoachActor,
  planId: PlanId,
  segments: readonly Segment[],
): Promise<ServiceFault | undefined> {
  const found = await findPlan(getDb(), planId);
  if (found === undefined || (await requireEditableClass(getDb(), actor, found.classId)) === undefined)
    return { code: 'plan/not-found' };
  const lines = segments.flatMap(({ items }) => items.flatMap((item) => (item.kind === 'line' ? item : [])));
  if (lines.length === 0) return undefined;
  const counted = await runInPool({ kind: 'count-moves', pgns: lines.map(({ pgn }) => pgn) });
  if (counted.kind === 'busy') return { code: 'workers/busy' };
  const empty = lines[counted.plies.indexOf(0)];
  return empty && { code: 'plan/no-moves', line: empty.pgn.slice(0, 60) };
}

/** The plan as a PDF, in the words of the class. */
export async function printPlan(
  actor: CoachActor,
  planId: PlanId,
  { paper }: PlanSheet,
): Promise<Result<PrintedFile, ServiceFault>> {
  const db = getDb();
  const found = await findOwnPlan(db, actor, planId);
  if (found === undefined) return failure({ code: 'plan/not-found' });
  const words = await listSpokenWords(db, actor.clubId, found.classId);
  const terms = makeTerms(words);
  const setIds = found.segments.flatMap(({ items }) =>
    items.flatMap((item) => (item.kind === 'set' ? item.setId : [])),
  );
  const sets = await Promise.all(setIds.map((setId) => findOwnSet(db, actor, setId)));
  const nameOf = (setId: number) => sets.find((set) => set?.setId === setId)?.name;
  let minute = 0;
  const answer = await askPrinter({
    kind: 'plan',
    title: found.title,
    under: `${found.className}, ${countText(found.minutes, 'minute')}`,
    paper,
    segments: found.segments.map(({ kind, title, minutes, notes, items }) => {
      const from = minute;
      minute += minutes;
      return {
        heading: lessonsText.segmentHeading(
          from,
          minute,
          SEGMENT_WORDS[kind],
          title === '' ? '' : `, ${title}`,
        ),
        notes,
        things: items.map((item) => ({
          text: planItemText(item, nameOf, terms),
          picture: findPicture(item),
        })),
      };
    }),
  });
  if (answer.kind === 'busy') return failure({ code: 'workers/busy' });
  return success({ name: makeFileName(found.title, 'pdf'), bytes: answer.bytes });
}

function findPicture(
  item: PlanItem,
): { readonly fen: string; readonly turn: 'white' | 'black' | undefined } | undefined {
  if (item.kind === 'position') return { fen: item.fen, turn: getDraft(item.fen).turn };
  if (item.kind === 'pattern') return { fen: BARE_PICTURES[item.pattern], turn: undefined };
  const game = item.kind === 'line' ? findLine(item.pgn) : undefined;
  return game && { fen: makeFen(game.start), turn: game.start.turn };
}

/** Takes a plan away; lessons that had it have none. One that is gone already is gone. */
export async function removePlan(
  actor: CoachActor,
  { planId }: { readonly planId: PlanId },
): Promise<Result<undefined, ServiceFault>> {
  return withTransaction(async (db) => {
    const found = await findPlan(db, planId);
    if (found === undefined) return success(undefined);
    if ((await requireEditableClass(db, actor, found.classId)) === undefined)
      return failure<ServiceFault>({ code: 'plan/not-found' });
    await deletePlan(db, planId);
    return success(undefined);
  });
}

export function toPlanSummary({ planId, classId, className, title, minutes }: PlanRecord): PlanSummary {
  return { planId, classId, className, title, minutes };
}
