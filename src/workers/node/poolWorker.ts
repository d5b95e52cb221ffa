/** Entry of the server's worker threads; bundled by itself, since the pool starts it from a file. */
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { Fonts, PrintJob } from '@/print';
import type { AnswerTo, Question } from '../protocol';
import { answerQuestion } from '../tasks';

/** Piscina calls this for each question. */
export default function answer<Q extends Question>(question: Q): AnswerTo<Q> {
  return answerQuestion(question);
}

/** Is this password too easy to guess? What knows is loaded when it is first needed. */
export async function weigh({
  password,
  about,
}: {
  password: string;
  about: readonly string[];
}): Promise<boolean> {
  const { isWeakPassword } = await import('./passwords');
  return isWeakPassword(password, about);
}

let fonts: Fonts | undefined;

/** The same for a job of the printer; what lays it out is loaded when it is first needed. */
export async function print(job: PrintJob): Promise<Uint8Array> {
  const { resolve } = createRequire(import.meta.url);
  const read = (name: string) => readFileSync(resolve(`@expo-google-fonts/andika/Andika_${name}.ttf`));
  fonts ??= { regular: read('400Regular'), bold: read('700Bold') };
  const { printJob } = await import('@/print');
  return printJob(job, fonts);
}
