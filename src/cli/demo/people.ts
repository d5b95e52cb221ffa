/** The Quillhaven Chess Club, on an invented chain of islands joined by a ferry. Nobody here exists. */
import type { Level } from '@/core/exercises';
import type { KeyPicture } from '@/contracts/people';

export interface DemoCoach {
  readonly name: string;
  readonly signInName: string;
  readonly password: string;
}

export type DemoClassId = 'lantern' | 'harbour' | 'tidepool';

export interface DemoClass {
  readonly name: string;
  readonly joinCode: string;
  readonly level: Level;
  readonly coach: DemoCoach;
  readonly assistants: readonly DemoCoach[];
  /** What lies on top of the seats now; undefined: the last homework. */
  readonly setName: string | undefined;
}

export interface DemoStudent {
  readonly name: string;
  readonly key: readonly KeyPicture[];
  /** Chance of a right first move in a mate in one at the end of the two terms; longer mates are harder. */
  readonly strength: number;
  /** Puzzles of the class's set tried so far. */
  readonly triedCount: number;
  /** The class of the term before; undefined: the child was not there yet. */
  readonly before: DemoClassId | undefined;
  /** The class of the term that runs; undefined: the child has left. */
  readonly now: DemoClassId | undefined;
}

export const DEMO_CLUB = { name: 'Quillhaven Chess Club', timeZone: 'Atlantic/Faroe' } as const;

/** Both terms in weeks from the day of the demo, that day's week being 0. */
export const DEMO_TERMS = {
  before: { name: 'Outbound term', firstWeek: -24, lastWeek: -12 },
  now: { name: 'Homeward term', firstWeek: -10, lastWeek: 6 },
} as const;

export const DEMO_LEAD: DemoCoach = {
  name: 'Wenna Brook',
  signInName: 'wenna',
  password: 'evening-ferry-7',
};
export const DEMO_COACH: DemoCoach = {
  name: 'Tam Ferrow',
  signInName: 'tam',
  password: 'morning-ferry-4',
};
const DEMO_HELPER: DemoCoach = {
  name: 'Ines Marlow',
  signInName: 'ines',
  password: 'midday-ferry-9',
};
export const DEMO_COACHES = [DEMO_LEAD, DEMO_COACH, DEMO_HELPER] as const;

export const DEMO_CLASSES: Readonly<Record<DemoClassId, DemoClass>> = {
  lantern: {
    name: 'Lantern class',
    joinCode: 'LANTRN',
    level: 3,
    coach: DEMO_LEAD,
    assistants: [],
    setName: 'Lights on the quay',
  },
  harbour: {
    name: 'Harbour class',
    joinCode: 'HAFEN7',
    level: 2,
    coach: DEMO_COACH,
    assistants: [DEMO_HELPER],
    setName: 'Two crossings',
  },
  tidepool: {
    name: 'Tidepool class',
    joinCode: 'TIDEP8',
    level: 1,
    coach: DEMO_HELPER,
    assistants: [],
    setName: undefined,
  },
};

type Row = readonly [
  name: string,
  key: DemoStudent['key'],
  strength: number,
  triedCount: number,
  before: DemoStudent['before'],
  now: DemoStudent['now'],
];
const ROWS: readonly Row[] = [
  ['Biscuit', ['sun', 'boat', 'bell'], 0.55, 9, 'lantern', 'lantern'],
  ['Juno', ['fish', 'fish', 'moon'], 0.9, 13, 'lantern', 'lantern'],
  ['Moss', ['tree', 'apple', 'house'], 0.7, 11, 'harbour', 'lantern'],
  ['Pip', ['boat', 'sun', 'leaf'], 0.6, 4, 'harbour', 'lantern'],
  ['Plover', ['bell', 'tree', 'tree'], 0.75, 10, 'lantern', 'lantern'],
  ['Saffron', ['apple', 'moon', 'sun'], 0.85, 12, 'lantern', 'lantern'],
  ['Tansy', ['flower', 'moon', 'boat'], 0.8, 13, 'lantern', 'lantern'],
  ['Wren', ['leaf', 'cloud', 'sun'], 0.65, 0, 'tidepool', 'lantern'],
  ['Bramble', ['umbrella', 'sun', 'fish'], 0.75, 8, 'harbour', 'harbour'],
  ['Dune', ['moon', 'bell', 'tree'], 0.6, 6, 'harbour', 'harbour'],
  ['Fern', ['leaf', 'leaf', 'house'], 0.9, 14, 'harbour', 'harbour'],
  ['Kestrel', ['cloud', 'apple', 'boat'], 0.8, 10, 'harbour', 'harbour'],
  ['Otter', ['boat', 'fish', 'umbrella'], 0.5, 3, 'lantern', 'harbour'],
  ['Quill', ['house', 'bell', 'leaf'], 0.7, 9, 'tidepool', 'harbour'],
  ['Rowan', ['tree', 'sun', 'cloud'], 0.65, 7, 'tidepool', 'harbour'],
  ['Sorrel', ['flower', 'fish', 'bell'], 0.85, 12, 'tidepool', 'harbour'],
  ['Acorn', ['apple', 'tree', 'leaf'], 0.6, 0, 'tidepool', 'tidepool'],
  ['Barnacle', ['fish', 'house', 'moon'], 0.5, 0, 'tidepool', 'tidepool'],
  ['Clover', ['leaf', 'flower', 'bell'], 0.7, 0, 'tidepool', 'tidepool'],
  ['Finch', ['cloud', 'sun', 'boat'], 0.65, 0, undefined, 'tidepool'],
  ['Heron', ['umbrella', 'fish', 'cloud'], 0.75, 0, undefined, 'tidepool'],
  ['Limpet', ['moon', 'moon', 'apple'], 0.45, 0, undefined, 'tidepool'],
  ['Nettle', ['bell', 'house', 'sun'], 0.6, 0, undefined, 'tidepool'],
  ['Periwinkle', ['sun', 'leaf', 'umbrella'], 0.55, 0, undefined, 'tidepool'],
  ['Gull', ['boat', 'boat', 'tree'], 0.6, 0, 'harbour', undefined],
];
export const DEMO_STUDENTS: readonly DemoStudent[] = ROWS.map(
  ([name, key, strength, triedCount, before, now]) => ({ name, key, strength, triedCount, before, now }),
);

/** What a visitor of the demo needs to know, as text for the terminal. */
export function describeDemo(): string {
  const coaches = DEMO_COACHES.map(
    ({ name, signInName, password }) => `  Coach ${name}: sign-in name ${signInName}, password ${password}`,
  );
  const classes = (Object.keys(DEMO_CLASSES) as DemoClassId[]).map((id) => {
    const first = DEMO_STUDENTS.find(({ now }) => now === id);
    const { name, joinCode } = DEMO_CLASSES[id];
    return `  ${name}, code ${joinCode}: for example ${first?.name ?? ''} with ${(first?.key ?? []).join(', ')}`;
  });
  return [...coaches, ...classes].join('\n');
}
