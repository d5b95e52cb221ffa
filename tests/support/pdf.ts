/** What a PDF holds, as Debian's poppler-utils read it: a reader we did not write. */
import { spawnSync } from 'node:child_process';

export interface ReadPdf {
  readonly pages: readonly ReadPage[];
  /** "595.28 x 841.89", in points. */
  readonly size: string;
  readonly isTagged: boolean;
}
export interface ReadPage {
  readonly width: number;
  readonly height: number;
  readonly words: readonly Word[];
  /** All words in their order, one space between. */
  readonly text: string;
}
interface Word {
  readonly text: string;
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

export function readPdf(bytes: Uint8Array): ReadPdf {
  const info = run('pdfinfo', ['-'], bytes);
  const boxes = run('pdftotext', ['-bbox', '-', '-'], bytes);
  return {
    pages: boxes.split('<page ').slice(1).map(readPage),
    size: /^Page size:\s+([\d.]+ x [\d.]+)/m.exec(info)?.[1] ?? '',
    isTagged: /^Tagged:\s+yes/m.test(info),
  };
}

function readPage(part: string): ReadPage {
  const number = (name: string, text: string) => Number(new RegExp(`${name}="([\\d.-]+)"`).exec(text)?.[1]);
  const words = [...part.matchAll(/<word ([^>]*)>([^<]*)<\/word>/g)].map(([, at = '', text = '']): Word => ({
    text: text.replaceAll('&apos;', "'").replaceAll('&quot;', '"').replaceAll('&amp;', '&'),
    left: number('xMin', at),
    top: number('yMin', at),
    right: number('xMax', at),
    bottom: number('yMax', at),
  }));
  return {
    width: number('width', part),
    height: number('height', part),
    words,
    text: words.map(({ text }) => text).join(' '),
  };
}

function run(program: string, words: readonly string[], input: Uint8Array): string {
  const { status, stdout, stderr, error } = spawnSync(program, words, { input, maxBuffer: 64 * 1024 * 1024 });
  if (error !== undefined || status !== 0) throw error ?? new Error(`${program}: ${stderr.toString()}`);
  return stdout.toString();
}
