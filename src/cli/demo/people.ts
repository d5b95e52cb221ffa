/** The Quillhaven Chess Club, on an invented chain of islands joined by a ferry. Nobody here exists. */
import type { KeyPicture } from '@/contracts/people';

export interface DemoStudent {
  readonly name: string;
  readonly key: readonly KeyPicture[];
  /** Chance of a right first move in a mate in one; longer mates are harder. */
  readonly strength: number;
  /** Puzzles of the class's set tried so far. */
  readonly triedCount: number;
}

export interface DemoClass {
  readonly name: string;
  readonly joinCode: string;
  readonly setName: string;
  readonly students: readonly DemoStudent[];
}

export interface DemoCoach {
  readonly name: string;
  readonly signInName: string;
  readonly password: string;
  readonly class: DemoClass;
}

export const DEMO_CLUB = { name: 'Quillhaven Chess Club', timeZone: 'Atlantic/Faroe' } as const;

export const DEMO_LEAD: DemoCoach = {
  name: 'Wenna Brook',
  signInName: 'wenna',
  password: 'evening-ferry-7',
  class: {
    name: 'Lantern class',
    joinCode: 'LANTRN',
    setName: 'Lights on the quay',
    students: [
      { name: 'Biscuit', key: ['sun', 'boat', 'bell'], strength: 0.55, triedCount: 9 },
      { name: 'Juno', key: ['fish', 'fish', 'moon'], strength: 0.9, triedCount: 13 },
      { name: 'Moss', key: ['tree', 'apple', 'house'], strength: 0.7, triedCount: 11 },
      { name: 'Pip', key: ['boat', 'sun', 'leaf'], strength: 0.6, triedCount: 4 },
      { name: 'Tansy', key: ['flower', 'moon', 'boat'], strength: 0.8, triedCount: 13 },
      { name: 'Wren', key: ['leaf', 'cloud', 'sun'], strength: 0.65, triedCount: 0 },
    ],
  },
};

export const DEMO_COACH: DemoCoach = {
  name: 'Tam Ferrow',
  signInName: 'tam',
  password: 'morning-ferry-4',
  class: {
    name: 'Harbour class',
    joinCode: 'HAFEN7',
    setName: 'Two crossings',
    students: [
      { name: 'Bramble', key: ['umbrella', 'sun', 'fish'], strength: 0.75, triedCount: 8 },
      { name: 'Dune', key: ['moon', 'bell', 'tree'], strength: 0.6, triedCount: 6 },
      { name: 'Fern', key: ['leaf', 'leaf', 'house'], strength: 0.9, triedCount: 14 },
      { name: 'Kestrel', key: ['cloud', 'apple', 'boat'], strength: 0.8, triedCount: 10 },
      { name: 'Otter', key: ['boat', 'fish', 'umbrella'], strength: 0.5, triedCount: 3 },
    ],
  },
};

export const DEMO_COACHES = [DEMO_LEAD, DEMO_COACH] as const;

/** What a visitor of the demo needs to know, as text for the terminal. */
export function describeDemo(): string {
  const coaches = DEMO_COACHES.map(
    ({ name, signInName, password }) => `  Coach ${name}: sign-in name ${signInName}, password ${password}`,
  );
  const students = DEMO_COACHES.map(({ class: { name, joinCode, students: list } }) => {
    const first = list[0];
    return `  ${name}, code ${joinCode}: for example ${first?.name ?? ''} with ${(first?.key ?? []).join(', ')}`;
  });
  return [...coaches, ...students].join('\n');
}
