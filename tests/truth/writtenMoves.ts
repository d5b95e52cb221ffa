/**
 * Which written move is meant? A short reader of its own: the standard's form (PGN standard, section 8.2.3), the same without its signs,
 * castling with noughts, and from-square to to-square. What it can't read it has no opinion of.
 */
import type { Accepts } from './accepts';
import { movesOf } from './chessBoard';
import type { TaskFields } from './notes';

type Move = ReturnType<typeof movesOf>[number];

const bare = (text: string) => text.replaceAll(/[+#x-]/g, '');

/** How a move may be written without another one being meant by it. */
export function listForms({ san, from, to, promotion, piece }: Move): string[] {
  const end = promotion === undefined ? '' : `=${promotion.toUpperCase()}`;
  const letter = piece === 'p' ? '' : piece.toUpperCase();
  if (san.startsWith('O'))
    return [san, bare(san).replaceAll('O', 'O-').slice(0, -1), san.replaceAll('O', '0')];
  return [
    san,
    san.replace(/[+#]$/, ''),
    // "bc5" may be a bishop's move.
    ...(/^b/.test(san) ? [] : [san.replace('x', '')]),
    `${letter}${from}-${to}${end}`,
    `${from}${to}${end}`,
    // A small b is a file.
    ...(/^[KQRN]/.test(san) ? [san.charAt(0).toLowerCase() + san.slice(1)] : []),
  ];
}

/** Right, wrong, or not for this reader to say: a form of the asked move, a form of another one, or something else. */
function reads(fen: string, move: string, text: string): boolean | undefined {
  const meant = movesOf(fen).filter((one) => listForms(one).includes(text.trim()));
  if (meant.length !== 1) return undefined;
  return meant[0]?.lan === move;
}

export function acceptWritten(id: 'write-move' | 'repair-line' | 'keep-score', task: TaskFields): Accepts {
  return (answer) => {
    if (answer.kind !== 'write') return false;
    if (id === 'keep-score') return doesSheetHold(task, answer.text);
    const asked = movesOf(task.fen).find(({ lan }) => lan === task.move);
    // Put right it is only in the standard's own form.
    if (id === 'repair-line') return answer.text.trim() === asked?.san;
    return reads(task.fen, task.move, answer.text);
  };
}

function doesSheetHold({ fen, moves }: TaskFields, text: string): boolean | undefined {
  const written = text.split('\n');
  let place = fen;
  const lines: (boolean | undefined)[] = [];
  for (const [ply, lan] of moves.entries()) {
    const line = written[ply] ?? '';
    lines.push(line.trim() === '' ? false : reads(place, lan, line));
    place = movesOf(place).find((move) => move.lan === lan)?.after ?? place;
  }
  if (lines.includes(false)) return false;
  return lines.includes(undefined) ? undefined : true;
}
