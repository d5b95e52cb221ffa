/** Entry of the browser's web worker. */
import type { BrowserReply, BrowserRequest } from '../protocol';
import { answerQuestion } from '../tasks';
import { createNewsFilter } from './newsFilter';

self.onmessage = ({ data: { id, question } }: MessageEvent<BrowserRequest>) => {
  const reply = (message: BrowserReply) => self.postMessage(message);
  const isPassedOn = createNewsFilter();
  try {
    const answer = answerQuestion(question, (progress) => {
      if (isPassedOn(progress)) reply({ id, kind: 'progress', progress });
      return 'go';
    });
    reply({ id, kind: 'done', answer });
  } catch (error) {
    reply({ id, kind: 'failed', message: error instanceof Error ? error.message : String(error) });
  }
};
