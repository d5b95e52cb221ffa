/**
 * Several server processes behind one port: what one of them is busy with keeps nobody else waiting, and each uses a processor of its own.
 * None keeps anything that another would need, so that a process that dies is replaced without anybody noticing.
 */
import cluster, { type Worker } from 'node:cluster';
import { say } from '../say';
import { runWebServer, waitForEnd } from './webServer';

interface Place {
  readonly host: string;
  readonly port: number;
}

/** Serves until it is asked to end; ends with 1 when a process dies before it has served. */
export async function runWebProcesses(place: Place, processes: number): Promise<number> {
  // A process of several has been begun with the same words as the one that begins them.
  if (processes === 1 || cluster.isWorker) {
    await runWebServer(place);
    return 0;
  }
  let isEnding = false;
  const running = new Set<Worker>();
  const failed = new Promise<1>((resolve) => {
    const begin = () => {
      const worker = cluster.fork();
      running.add(worker);
      let hasServed = false;
      worker.once('listening', () => (hasServed = true));
      worker.once('exit', () => {
        running.delete(worker);
        if (isEnding) return;
        if (!hasServed) {
          resolve(1);
          return;
        }
        say('A server process ended by itself; another one takes its place.');
        begin();
      });
    };
    for (let started = 0; started < processes; started += 1) begin();
  });
  const code = await Promise.race([waitForEnd().then(() => 0 as const), failed]);
  isEnding = true;
  const ended = [...running].map((worker) => new Promise((resolve) => worker.once('exit', resolve)));
  for (const worker of running) worker.process.kill('SIGTERM');
  await Promise.all(ended);
  return code;
}
