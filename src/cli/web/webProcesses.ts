/**
 * Several server processes behind one port: what one of them is busy with keeps nobody else waiting, and each uses a processor of its own.
 * None keeps anything that another would need, so that a process that dies is replaced without anybody noticing.
 */
import cluster, { type Worker } from 'node:cluster';
import { logEvent, startLog } from '@/server/log';
import { runWebServer, waitForEnd } from './webServer';

/** One that dies again and again does not use up the machine. */
const AGAIN_MS = 1000;

interface Place {
  readonly host: string;
  readonly port: number;
  readonly isDev: boolean;
}

/** Serves until it is asked to end, and then ends this process: with 1 when one dies before any has served. */
export async function runWebProcesses(place: Place, processes: number): Promise<void> {
  // A process of several has been begun with the same words as the one that begins them.
  if (processes === 1 || cluster.isWorker) {
    await runWebServer(place);
    return;
  }
  startLog();
  let isEnding = false;
  let hasServed = false;
  const running = new Set<Worker>();
  const failed = new Promise<1>((resolve) => {
    const begin = () => {
      const worker = cluster.fork();
      running.add(worker);
      // A connection may be handed to one that has just died; its exit follows.
      worker.on('error', () => undefined);
      worker.once('listening', () => (hasServed = true));
      worker.once('exit', () => {
        running.delete(worker);
        if (isEnding) return;
        if (!hasServed) {
          resolve(1);
          return;
        }
        logEvent({ event: 'process-ended' });
        setTimeout(() => {
          if (!isEnding) begin();
        }, AGAIN_MS);
      });
    };
    for (let started = 0; started < processes; started += 1) begin();
  });
  const code = await Promise.race([waitForEnd().then(() => 0 as const), failed]);
  isEnding = true;
  const ended = [...running].map((worker) => new Promise((resolve) => worker.once('exit', resolve)));
  for (const worker of running) worker.process.kill('SIGTERM');
  await Promise.all(ended);
  // The leash is still held: left to itself this process would wait for its end.
  process.exit(code);
}
