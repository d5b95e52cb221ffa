/** Everything a command started, stopped in the opposite order at its end or at Ctrl-C. */
export interface Lifetime {
  /** Notes how to stop what has just been started. */
  onEnd(stop: () => Promise<void>): void;
  /** Stops everything; a second call waits for the first. */
  end(): Promise<void>;
  /** Settles at Ctrl-C or a request to end. */
  readonly interrupted: Promise<void>;
}

export function createLifetime(): Lifetime {
  const stops: (() => Promise<void>)[] = [];
  let ending: Promise<void> | undefined;
  const interrupted = new Promise<void>((resolve) => {
    for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const) process.on(signal, () => resolve());
  });
  const endAll = async () => {
    for (let stop = stops.pop(); stop !== undefined; stop = stops.pop()) await stop();
  };
  return {
    onEnd: (stop) => stops.push(stop),
    end: () => (ending ??= endAll()),
    interrupted,
  };
}
