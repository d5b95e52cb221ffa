/** What a lead wants to happen at the end of a term, and the one change it comes to. Pure, so that it is tested without a screen. */
import type { ClassId, StudentId } from '@/contracts/ids';
import type { Destination, RosterChange, TermTurn } from '@/contracts/terms';
import type { Level } from '@/core/exercises';
import * as rosterText from '@/text/screens/roster';

/** Where children go, as the value of a field: "new:k", "class:7", "leaves"; a child's "" means as its class. */
export type Way = string;

export interface NewClass {
  readonly key: string;
  readonly name: string;
  readonly level: Level | undefined;
  /** The class it goes on from; undefined: a new one beside the others. */
  readonly heirOf: ClassId | undefined;
}

export interface TurnPlan {
  readonly classes: readonly NewClass[];
  readonly ways: ReadonlyMap<ClassId, Way>;
  readonly childWays: ReadonlyMap<StudentId, Way>;
}

const wayOfKey = (key: string): Way => `new:${key}`;
export const LEAVES: Way = 'leaves';

/** At first every class goes on under its name, with all its children. */
export function startPlan({ from }: TermTurn): TurnPlan {
  const classes = from.map(({ classId, name, level }) => ({
    key: String(classId),
    name,
    level,
    heirOf: classId,
  }));
  return {
    classes,
    ways: new Map(from.map(({ classId }) => [classId, wayOfKey(String(classId))] as const)),
    childWays: new Map(),
  };
}

/** The ways there are to choose from, in the order of the page. */
export function listWays(
  plan: TurnPlan,
  { into }: TermTurn,
): readonly { readonly value: Way; readonly label: string }[] {
  return [
    ...plan.classes.map(({ key, name }) => ({
      value: wayOfKey(key),
      label: name.trim() === '' ? rosterText.classWithoutNameYet : name,
    })),
    ...into.map(({ classId, name }) => ({ value: `class:${classId}`, label: rosterText.alreadyThere(name) })),
    { value: LEAVES, label: rosterText.leavesClubsClasses },
  ];
}

/** One more class, for children of one that is split, or for newcomers. */
export function addNewClass(plan: TurnPlan, key: string): TurnPlan {
  const added: NewClass = { key, name: '', level: undefined, heirOf: undefined };
  return { ...plan, classes: [...plan.classes, added] };
}

/** The change as it is sent: only classes into which somebody goes are made. */
export function toChange(plan: TurnPlan, turn: TermTurn): Omit<RosterChange, 'requestId'> {
  const moves = turn.from.flatMap(({ classId, students }) =>
    students.map(({ studentId }) => ({
      studentId,
      fromClassId: classId,
      to: toDestination((plan.childWays.get(studentId) ?? '') || (plan.ways.get(classId) ?? LEAVES)),
    })),
  );
  const used = new Set(moves.map(({ to }) => (to.kind === 'new' ? to.key : '')));
  return {
    termId: turn.term.termId,
    classes: plan.classes
      .filter(({ key }) => used.has(key))
      .map(({ key, name, level, heirOf }) => ({
        key,
        name: name.trim(),
        ...(level === undefined ? {} : { level }),
        ...(heirOf === undefined ? {} : { heirOf }),
      })),
    moves,
  };
}

function toDestination(way: Way): Destination {
  if (way.startsWith('new:')) return { kind: 'new', key: way.slice('new:'.length) };
  if (way.startsWith('class:'))
    return { kind: 'class', classId: Number(way.slice('class:'.length)) as ClassId };
  return { kind: 'leaves' };
}
