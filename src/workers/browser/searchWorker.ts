/** Entry of the browser's web worker. */
import type { BrowserReply, BrowserRequest } from '../protocol';
import { answerQuestion } from '../tasks';

/** A screen needs no more news than this; messages cost more than the search between them. */
const NEWS_EVERY_MS = 60;

self.onmessage = ({ data: { id, question } }: MessageEvent<BrowserRequest>) => {
  const reply = (message: BrowserReply) => self.postMessage(message);
  let lastMs = -Infinity;
  try {
    const answer = answerQuestion(question, (progress) => {
      // A finished depth of a fate table is never left out, nor are positions that were read.
      if (progress.kind === 'fates' || progress.kind === 'import' || progress.ms - lastMs >= NEWS_EVERY_MS) {
        lastMs = progress.ms;
        reply({ id, kind: 'progress', progress });
      }
      return 'go';
    });
    reply({ id, kind: 'done', answer });
  } catch (error) {
    reply({ id, kind: 'failed', message: error instanceof Error ? error.message : String(error) });
  }
};
