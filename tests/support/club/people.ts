/** The coaches of a test file's own club: names of the demo, sign-in names of their own. */
import type { DemoCoach } from '@/cli/demo/people';

export interface OwnCoaches {
  readonly lead: DemoCoach;
  readonly coach: DemoCoach;
  readonly helper: DemoCoach;
}

export function coachesOf(tag: string): OwnCoaches {
  return {
    lead: { name: 'Wenna Brook', signInName: `wenna-${tag}`, password: 'evening-ferry-7' },
    coach: { name: 'Tam Ferrow', signInName: `tam-${tag}`, password: 'morning-ferry-4' },
    helper: { name: 'Ines Marlow', signInName: `ines-${tag}`, password: 'midday-ferry-9' },
  };
}
