/** What reports, certificates and the emails they go with say. */
import type { ClassProgress } from '@/contracts/progress';
import { repeatText } from './progress';
import type { Terms } from './terms';
import { topicText } from './topics';
import { countWords, listWords } from './words';

/** At the foot of a child's report. */
export function reportFoot(name: string, day: string): string {
  return `Based on the answers stored for ${name} until ${day}; the newest count most. ${name} is not compared with anybody.`;
}

/** "Was in 7 of 9 lessons of Lantern class." */
export function lessonsText(className: string, { here, away }: { here: number; away: number }): string {
  if (here + away === 0) return `No lesson of ${className} has been recorded yet.`;
  return `Was in ${here} of ${countWords(here + away, 'lesson')} of ${className}.`;
}

/** What a class needs, topic by topic: "Mate in 2. Struggling: Fern." */
export function listRepeatLines({ repeats, students }: ClassProgress, most: number, terms: Terms): string[] {
  const names = students.map(({ name }) => name);
  return repeats.slice(0, most).map((one) => `${topicText(one.topic, terms)} – ${repeatText(one, names)}`);
}

export function listGroupLines({ groups, alone }: ClassProgress, terms: Terms): string[] {
  if (groups.length === 0) return ['No two children share a need that the whole class does not have.'];
  return [
    ...groups.map(
      ({ names, topics }) =>
        `${listWords(names)}: ${topics
          .slice(0, 4)
          .map((topic) => topicText(topic, terms))
          .join(', ')}`,
    ),
    ...(alone.length === 0 ? [] : [`In no group: ${listWords(alone)}`]),
  ];
}

/** "Nets and catches: 7 of 8 have begun, 2 have solved all 14." */
export function listHomeworkLines({ homework, students }: ClassProgress): string[] {
  if (homework.length === 0) return ['No set was given to the whole class.'];
  return homework.map(({ setName, puzzleCount, cells }) => {
    const begun = cells.filter((cell) => cell !== undefined).length;
    const done = cells.filter((cell) => cell !== undefined && cell.solved >= puzzleCount).length;
    return `${setName}: ${begun} of ${students.length} have begun, ${done} have solved all ${puzzleCount}.`;
  });
}

/** One line a child, by name: it is no order of merit. */
export function listChildLines({ students, attendance }: ClassProgress): string[] {
  return students.map(({ name }, index) => {
    const { here = 0, away = 0, answers = 0, right = 0 } = attendance[index] ?? {};
    return `${name}: ${countWords(here, 'lesson')} here, ${away} away; ${countWords(answers, 'task')} begun, ${right} right first time.`;
  });
}

/** The email a child's report goes with. */
export function reportEmailText(name: string, className: string, clubName: string): string {
  return [
    'Hello,',
    `this email comes with the report of ${name} from ${className}: what ${name} can, what is next, and one position to show at home.`,
    'It is based on the answers given at the seat and does not compare children. Please ask us if anything is unclear.',
    `Kind regards\n${clubName}`,
  ].join('\n\n');
}

/** The email a class's report goes with, to a coach. */
export function classEmailText(className: string, clubName: string): string {
  return [
    'Hello,',
    `this email comes with the report of ${className}: what to repeat, children who need the same things, homework and attendance. It names children: please share it only with those who teach them.`,
    clubName,
  ].join('\n\n');
}

/** Before anything with names leaves the app. */
export const NAMES_CAUTION = [
  'This names children. Share it only with people whom your school’s safeguarding rules and the law of your country allow, and only what they need.',
  'A nickname is still a name to anyone who knows the child. Once printed or sent, it cannot be taken back.',
] as const;

/** Beside a file with names. */
export const NAMES_FILE_CAUTION =
  'The file names children: share it only with people whom your school’s rules and the law of your country allow.';
