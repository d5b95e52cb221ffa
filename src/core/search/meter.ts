/** Counts the positions a search visits, and ends it when the budget is used up or the caller says stop. */
import type { ProofReport } from '../proof';

/** Hears how far the work is; 'stop' ends it with what is proved so far. */
export type OnProgress = (report: ProofReport) => 'go' | 'stop';

/** Thrown through a search that has to end; caught where it began, never seen outside the room. */
export class Interrupted extends Error {
  constructor(readonly why: 'stopped' | 'budget') {
    super(why);
  }
}

export interface Meter {
  /** Sets the count to 0. `tell` hears the count at least every 20 ms of work. */
  start(budgetNodes: number, tell: (nodes: number) => 'go' | 'stop'): void;
  /** Counts one position; throws `Interrupted`. */
  visit(): void;
  /** Asks the caller at once; throws `Interrupted`. */
  report(): void;
  nodes(): number;
}

/** Positions between two reports. The slowest work on one is some microseconds, so this is well under 20 ms. */
const NODES_PER_REPORT = 2048;

export function createMeter(): Meter {
  let nodes = 0;
  let nextReport = Infinity;
  let budget = Infinity;
  let tell: (nodes: number) => 'go' | 'stop' = () => 'go';

  function report(): void {
    if (nodes >= budget) throw new Interrupted('budget');
    if (tell(nodes) === 'stop') throw new Interrupted('stopped');
    nextReport = Math.min(nodes + NODES_PER_REPORT, budget);
  }

  return {
    start(budgetNodes, onTell) {
      nodes = 0;
      budget = budgetNodes;
      tell = onTell;
      nextReport = Math.min(NODES_PER_REPORT, budget);
    },
    visit() {
      nodes += 1;
      if (nodes >= nextReport) report();
    },
    report,
    nodes: () => nodes,
  };
}
