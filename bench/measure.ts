/** Times as CPU milliseconds, medians of interleaved runs, and the line that tells a ratio beside its target. */

/** CPU milliseconds of the work. */
export function cpuMs(work: () => void): number {
  const start = process.cpuUsage();
  work();
  const { user, system } = process.cpuUsage(start);
  return (user + system) / 1000;
}

export function median(values: readonly number[]): number {
  return values.toSorted((one, other) => one - other)[Math.floor(values.length / 2)] ?? 0;
}

/** Runs ours and theirs by turns and compares within each turn, so that whatever else the machine does meets both. */
export function medianRatio(rounds: number, ours: () => number, theirs: () => number): number {
  return median(Array.from({ length: rounds }, () => ours() / theirs()));
}

/** The least of several runs of short work: what is above it is the machine's other business. */
export function leastMs(rounds: number, work: () => void): number {
  return Math.min(...Array.from({ length: rounds }, () => cpuMs(work)));
}

/** A ratio beside what this project set itself, and the best ever seen here. */
export function tellRatio(name: string, ratio: number, target: number, best: number): void {
  const reached = Math.round((100 * ratio) / target);
  console.log(
    `${name.padEnd(62)} ${ratio.toFixed(1).padStart(8)} times   target ${String(target).padStart(4)}: ${String(reached).padStart(4)} %   best seen ${best}`,
  );
}

/** The same for a ratio that is to stay below its target. */
export function tellRatioBelow(name: string, ratio: number, target: number, best: number): void {
  const reached = Math.round((100 * target) / ratio);
  console.log(
    `${name.padEnd(62)} ${ratio.toFixed(1).padStart(8)} times   at most ${String(target).padStart(3)}: ${String(reached).padStart(4)} %   best seen ${best}`,
  );
}

/** A time beside a target that is to stay below it. */
export function tellTime(name: string, values: readonly number[], target: number | undefined): void {
  const figure = `median ${median(values).toFixed(2)} ms, most ${Math.max(...values).toFixed(2)} ms`;
  const beside =
    target === undefined ? '' : `   target ${target} ms: ${Math.round((100 * target) / median(values))} %`;
  console.log(`${name.padEnd(62)} ${figure}${beside}`);
}
