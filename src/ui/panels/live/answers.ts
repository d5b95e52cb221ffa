/** Answers of a class as they come in: read again and again by cursor, kept once, grouped by what was answered. */
import type { LiveAnswer, LiveNews } from '@/contracts/live';
import type { StudentId } from '@/contracts/ids';
import type { MoveText } from '@/core/notation';

/** What has been read of a lesson so far. */
export interface Gathered {
  readonly news: LiveNews | undefined;
  /** By key, of the newest question only. */
  readonly answers: ReadonlyMap<string, LiveAnswer>;
}

export const NOTHING_GATHERED: Gathered = { news: undefined, answers: new Map() };

/** Readings overlap, so an answer may come twice: it is kept by its key. Another question begins anew. */
export function gather(known: Gathered, news: LiveNews): Gathered {
  const isSame = known.news?.question?.questionId === news.question?.questionId;
  const answers = new Map(isSame ? known.answers : []);
  for (const answer of news.answers) answers.set(answer.key, answer);
  return { news, answers };
}

export interface AnswerGroup {
  /** A move, or an answer in words. */
  readonly text: string;
  readonly move: MoveText | undefined;
  /** Undefined for a move: its fate says more. */
  readonly isRight: boolean | undefined;
  readonly studentIds: readonly StudentId[];
  /** Also those that were called out. */
  readonly count: number;
}

/** The newest answer of each child and everything called out, the commonest first. */
export function groupAnswers(answers: Iterable<LiveAnswer>): AnswerGroup[] {
  const sorted = [...answers].sort((one, other) => one.answeredAt.localeCompare(other.answeredAt));
  const newest = new Map(sorted.map((one) => [one.studentId ?? one.key, one] as const));
  const groups = new Map<string, AnswerGroup>();
  for (const { answer, studentId } of newest.values()) {
    const text = answer.kind === 'move' ? answer.move : answer.text;
    const group = groups.get(text);
    groups.set(text, {
      text,
      move: answer.kind === 'move' ? answer.move : undefined,
      isRight: answer.kind === 'task' ? answer.isRight : undefined,
      studentIds: [...(group?.studentIds ?? []), ...(studentId === undefined ? [] : [studentId])],
      count: (group?.count ?? 0) + 1,
    });
  }
  return [...groups.values()].sort(
    (one, other) => other.count - one.count || one.text.localeCompare(other.text),
  );
}

/** Children of the class without an answer, by name. */
export function listSilent({ news, answers }: Gathered): LiveNews['students'] {
  const heard = new Set([...answers.values()].map(({ studentId }) => studentId));
  return (news?.students ?? []).filter(({ studentId }) => !heard.has(studentId));
}
