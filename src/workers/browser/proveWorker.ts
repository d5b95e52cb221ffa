/** Entry of the browser's web worker. */
import type { BrowserReply, BrowserRequest } from '../protocol';
import { answerProve } from '../tasks';

self.onmessage = ({ data: { id, question } }: MessageEvent<BrowserRequest>) => {
  const reply = (message: BrowserReply) => self.postMessage(message);
  try {
    const answer = answerProve(question, (report) => {
      reply({ id, kind: 'progress', report });
      return 'go';
    });
    reply({ id, kind: 'done', answer });
  } catch (error) {
    reply({ id, kind: 'failed', message: error instanceof Error ? error.message : String(error) });
  }
};
