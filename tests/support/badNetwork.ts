/** A network as it is in a school hall: what stands between two ends of a connection waits, trickles, and breaks off now and then. */
import { once } from 'node:events';
import { connect, createServer, type AddressInfo, type Socket } from 'node:net';
import type { Random } from '@/core/shared';

export interface BadNetwork {
  readonly port: number;
  readonly broken: () => number;
  stop(): Promise<void>;
}

/** `waitMs`: how long each piece takes at most. `breaks`: the chance that a piece is the last one of its connection, and is lost. */
export async function openBadNetwork(
  target: () => number,
  { random, waitMs, breaks }: { readonly random: Random; readonly waitMs: number; readonly breaks: number },
): Promise<BadNetwork> {
  let broken = 0;
  const open = new Set<Socket>();
  const server = createServer((near) => {
    const far = connect(target(), '127.0.0.1');
    for (const [from, to] of [
      [near, far],
      [far, near],
    ] as const) {
      open.add(from);
      from.on('error', () => undefined);
      from.on('close', () => {
        open.delete(from);
        to.destroy();
      });
      from.on('data', (piece) => {
        if (random() < breaks) {
          broken += 1;
          // Half of it arrives.
          to.write(piece.subarray(0, piece.length >> 1));
          from.destroy();
          return;
        }
        // The next piece waits until this one is through.
        from.pause();
        setTimeout(() => {
          to.write(piece);
          from.resume();
        }, random() * waitMs);
      });
    }
  }).listen(0, '127.0.0.1');
  await once(server, 'listening');
  return {
    port: (server.address() as AddressInfo).port,
    broken: () => broken,
    stop: async () => {
      for (const socket of open) socket.destroy();
      server.close();
      await once(server, 'close');
    },
  };
}
