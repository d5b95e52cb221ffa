// Written by `npm run tables` from the migrated schema; a test compares the two. Do not edit.
import type { Knex } from 'knex';
import type {
  AssignmentId,
  AttemptId,
  ClassId,
  ClubId,
  ClubPatternId,
  EnrolmentId,
  GameId,
  PlanId,
  LessonId,
  LiveId,
  QuestionId,
  EmailId,
  CoachId,
  StudentId,
  RosterChangeId,
  RoundId,
  SetId,
  SetVersionId,
  TaskId,
  TermId,
} from '@/contracts/ids';
import type { VerdictOutcome } from '@/core/exercises';
import type { Side } from '@/core/board';

/** Rows as the driver returns them: moments and days as Date, JSON parsed. */
export interface Rows {
  assignments: {
    readonly id: AssignmentId;
    readonly set_version_id: SetVersionId;
    readonly class_id: ClassId;
    readonly student_id: StudentId | null;
    readonly given_by: CoachId;
    readonly given_at: Date;
    readonly request_id: string | null;
  };
  attempts: {
    readonly id: AttemptId;
    readonly client_id: string;
    readonly student_id: StudentId;
    readonly class_id: ClassId;
    readonly task_id: TaskId;
    readonly round_id: RoundId;
    readonly try_number: number;
    readonly answer: unknown;
    readonly hints: number;
    readonly spent_ms: number;
    readonly answered_at: Date;
    readonly received_at: Date;
  };
  attendances: {
    readonly lesson_id: LessonId;
    readonly student_id: StudentId;
    readonly was_here: number;
    readonly noted_by: CoachId;
    readonly noted_at: Date;
  };
  audit_log: {
    readonly id: number;
    readonly club_id: ClubId;
    readonly person_id: CoachId | StudentId | null;
    readonly action: string;
    readonly details: unknown;
    readonly at: Date;
  };
  catch_ups: {
    readonly lesson_id: LessonId;
    readonly student_id: StudentId;
    readonly assignment_id: AssignmentId;
  };
  classes: {
    readonly id: ClassId;
    readonly club_id: ClubId;
    readonly term_id: TermId;
    readonly name: string;
    readonly join_code: string;
    readonly request_id: string | null;
  };
  class_assistants: { readonly class_id: ClassId; readonly coach_id: CoachId };
  class_coaches: { readonly class_id: ClassId; readonly coach_id: CoachId };
  class_levels: { readonly class_id: ClassId; readonly level: number };
  class_stages: {
    readonly class_id: ClassId;
    readonly stage: string;
    readonly ordinal: number;
    readonly is_open: number;
  };
  class_voices: { readonly class_id: ClassId; readonly reading_level: string };
  clubs: {
    readonly id: ClubId;
    readonly name: string;
    readonly time_zone: string;
    readonly settings: unknown;
    readonly created_at: Date;
  };
  club_patterns: {
    readonly id: ClubPatternId;
    readonly club_id: ClubId;
    readonly name: string;
    readonly fen: string;
    readonly picture: unknown;
    readonly request_id: string | null;
    readonly created_at: Date;
  };
  enrolments: {
    readonly id: EnrolmentId;
    readonly class_id: ClassId;
    readonly student_id: StudentId;
    readonly starts_on: Date;
    readonly ends_on: Date | null;
  };
  games: {
    readonly id: GameId;
    readonly club_id: ClubId;
    readonly added_by: CoachId;
    readonly student_id: StudentId | null;
    readonly side: Side | null;
    readonly title: string;
    readonly result: string;
    readonly start_fen: string;
    readonly moves: string;
    readonly added_at: Date;
    readonly request_id: string | null;
  };
  game_chances: {
    readonly id: number;
    readonly game_id: GameId;
    readonly ply: number;
    readonly exact_key: string;
    readonly chance: unknown;
  };
  holidays: {
    readonly id: number;
    readonly club_id: ClubId;
    readonly name: string;
    readonly starts_on: Date;
    readonly ends_on: Date;
  };
  house_words: {
    readonly id: number;
    readonly club_id: ClubId;
    readonly class_id: ClassId | null;
    readonly word: string;
    readonly text: string;
  };
  lessons: {
    readonly id: LessonId;
    readonly class_id: ClassId;
    readonly day: Date;
    readonly begins: string;
    readonly minutes: number;
    readonly plan_id: PlanId | null;
    readonly is_cancelled: number;
  };
  lesson_plans: {
    readonly id: PlanId;
    readonly class_id: ClassId;
    readonly title: string;
    readonly segments: unknown;
    readonly revision: number;
    readonly created_at: Date;
    readonly request_id: string | null;
  };
  live_lessons: {
    readonly id: LiveId;
    readonly class_id: ClassId;
    readonly lesson_id: LessonId | null;
    readonly begun_by: CoachId;
    readonly begun_at: Date;
    readonly ended_at: Date | null;
    readonly open_class_id: ClassId | null;
    readonly segment: number;
    readonly stop: number;
    readonly request_id: string | null;
  };
  live_questions: {
    readonly id: QuestionId;
    readonly live_lesson_id: LiveId;
    readonly task_id: TaskId | null;
    readonly fen: string;
    readonly words: string;
    readonly asked_at: Date;
    readonly closed_at: Date | null;
    readonly request_id: string | null;
  };
  live_rounds: { readonly round_id: RoundId; readonly live_question_id: QuestionId };
  mails: {
    readonly id: EmailId;
    readonly club_id: ClubId;
    readonly written_by: CoachId;
    readonly class_id: ClassId;
    readonly student_id: StudentId | null;
    readonly request_id: string | null;
    readonly to_address: string;
    readonly subject: string;
    readonly body: string;
    readonly file_name: string;
    readonly eml: Buffer;
    readonly written_at: Date;
  };
  people: {
    readonly id: CoachId | StudentId;
    readonly club_id: ClubId;
    readonly kind: 'lead' | 'coach' | 'student';
    readonly display_name: string;
    readonly sign_in_name: string | null;
    readonly secret_hash: string | null;
    readonly erased_at: Date | null;
    readonly request_id: string | null;
    readonly key_length: number;
  };
  practices: {
    readonly round_id: RoundId;
    readonly class_id: ClassId;
    readonly stage: string;
    readonly request_id: string | null;
  };
  practice_reasons: { readonly round_id: RoundId; readonly task_id: TaskId; readonly why: string };
  practice_tasks: { readonly round_id: RoundId; readonly ordinal: number; readonly task_id: TaskId };
  puzzle_facts: {
    readonly task_id: TaskId;
    readonly club_id: ClubId;
    readonly mate_moves: number;
    readonly side: string;
    readonly wing: string;
    readonly men: number;
  };
  rating_steps: {
    readonly id: number;
    readonly attempt_id: AttemptId;
    readonly student_id: StudentId;
    readonly rating: number;
    readonly deviation: number;
  };
  refused_answers: {
    readonly id: number;
    readonly student_id: StudentId;
    readonly client_id: string;
    readonly reason: string;
    readonly body: string;
    readonly received_at: Date;
  };
  roster_changes: {
    readonly id: RosterChangeId;
    readonly club_id: ClubId;
    readonly coach_id: CoachId;
    readonly details: unknown;
    readonly made_at: Date;
    readonly undone_at: Date | null;
    readonly request_id: string | null;
  };
  rounds: {
    readonly id: RoundId;
    readonly assignment_id: AssignmentId | null;
    readonly student_id: StudentId;
    readonly started_at: Date;
  };
  sessions: { readonly id: string; readonly person_id: CoachId | StudentId; readonly started_at: Date };
  sets: {
    readonly id: SetId;
    readonly club_id: ClubId;
    readonly owner_id: CoachId;
    readonly name: string;
    readonly created_at: Date;
    readonly request_id: string | null;
  };
  set_items: {
    readonly id: number;
    readonly set_version_id: SetVersionId;
    readonly ordinal: number;
    readonly task_id: TaskId;
  };
  set_versions: {
    readonly id: SetVersionId;
    readonly set_id: SetId;
    readonly version: number;
    readonly given_at: Date | null;
  };
  shown_solutions: {
    readonly id: number;
    readonly client_id: string;
    readonly student_id: StudentId;
    readonly task_id: TaskId;
    readonly round_id: RoundId;
    readonly shown_at: Date;
    readonly received_at: Date;
  };
  staircase_sets: { readonly set_id: SetId };
  student_ratings: {
    readonly student_id: StudentId;
    readonly rating: number;
    readonly deviation: number;
    readonly volatility: number;
    readonly answers: number;
  };
  student_stages: { readonly student_id: StudentId; readonly stage: string; readonly is_open: number };
  suggestions: {
    readonly id: number;
    readonly client_id: string;
    readonly live_question_id: QuestionId;
    readonly student_id: StudentId | null;
    readonly move: string;
    readonly answered_at: Date;
    readonly received_at: Date;
  };
  tasks: {
    readonly id: TaskId;
    readonly club_id: ClubId;
    readonly family: string;
    readonly family_version: number;
    readonly skill: string;
    readonly level: number;
    readonly payload: unknown;
    readonly exact_key: string;
    readonly twin_key: string;
    readonly source: string | null;
    readonly retired_at: Date | null;
  };
  task_grades: {
    readonly task_id: TaskId;
    readonly level: number;
    readonly number: number;
    readonly reasons: unknown;
  };
  task_ideas: { readonly task_id: TaskId; readonly club_id: ClubId; readonly idea_key: string };
  task_ratings: {
    readonly task_id: TaskId;
    readonly club_id: ClubId;
    readonly rating: number;
    readonly deviation: number;
    readonly volatility: number;
    readonly answers: number;
  };
  task_solutions: {
    readonly task_id: TaskId;
    readonly format_version: number;
    readonly prover_version: number;
    readonly mate_moves: number;
    readonly key_count: number;
    readonly graph: unknown;
    readonly proved_at: Date;
  };
  task_tags: { readonly task_id: TaskId; readonly tag: string };
  terms: {
    readonly id: TermId;
    readonly club_id: ClubId;
    readonly name: string;
    readonly starts_on: Date;
    readonly ends_on: Date;
  };
  throttles: { readonly key: string; readonly points: number; readonly expire: number | string | null };
  topic_progress: {
    readonly student_id: StudentId;
    readonly topic: string;
    readonly state: unknown;
    readonly due_at: Date;
  };
  unsent_answers: {
    readonly student_id: StudentId;
    readonly device_id: string;
    readonly answers: number;
    readonly told_at: Date;
  };
  verdicts: {
    readonly id: number;
    readonly attempt_id: AttemptId;
    readonly judge_version: number;
    readonly outcome: VerdictOutcome;
    readonly diagnoses: unknown;
  };
}

/** Rows as they are added: days and JSON as text; what the database fills in may be left out. */
export interface NewRows {
  assignments: {
    readonly id?: AssignmentId;
    readonly set_version_id: SetVersionId;
    readonly class_id: ClassId;
    readonly student_id?: StudentId | null;
    readonly given_by: CoachId;
    readonly given_at: Date;
    readonly request_id?: string | null;
  };
  attempts: {
    readonly id?: AttemptId;
    readonly client_id: string;
    readonly student_id: StudentId;
    readonly class_id: ClassId;
    readonly task_id: TaskId;
    readonly round_id: RoundId;
    readonly try_number: number;
    readonly answer: string;
    readonly hints: number;
    readonly spent_ms: number;
    readonly answered_at: Date;
    readonly received_at: Date;
  };
  attendances: {
    readonly lesson_id: LessonId;
    readonly student_id: StudentId;
    readonly was_here: boolean;
    readonly noted_by: CoachId;
    readonly noted_at: Date;
  };
  audit_log: {
    readonly id?: number;
    readonly club_id: ClubId;
    readonly person_id?: CoachId | StudentId | null;
    readonly action: string;
    readonly details: string;
    readonly at: Date;
  };
  catch_ups: {
    readonly lesson_id: LessonId;
    readonly student_id: StudentId;
    readonly assignment_id: AssignmentId;
  };
  classes: {
    readonly id?: ClassId;
    readonly club_id: ClubId;
    readonly term_id: TermId;
    readonly name: string;
    readonly join_code: string;
    readonly request_id?: string | null;
  };
  class_assistants: { readonly class_id: ClassId; readonly coach_id: CoachId };
  class_coaches: { readonly class_id: ClassId; readonly coach_id: CoachId };
  class_levels: { readonly class_id: ClassId; readonly level: number };
  class_stages: {
    readonly class_id: ClassId;
    readonly stage: string;
    readonly ordinal: number;
    readonly is_open: boolean;
  };
  class_voices: { readonly class_id: ClassId; readonly reading_level: string };
  clubs: {
    readonly id?: ClubId;
    readonly name: string;
    readonly time_zone: string;
    readonly settings: string;
    readonly created_at: Date;
  };
  club_patterns: {
    readonly id?: ClubPatternId;
    readonly club_id: ClubId;
    readonly name: string;
    readonly fen: string;
    readonly picture: string;
    readonly request_id?: string | null;
    readonly created_at: Date;
  };
  enrolments: {
    readonly id?: EnrolmentId;
    readonly class_id: ClassId;
    readonly student_id: StudentId;
    readonly starts_on: string;
    readonly ends_on?: string | null;
  };
  games: {
    readonly id?: GameId;
    readonly club_id: ClubId;
    readonly added_by: CoachId;
    readonly student_id?: StudentId | null;
    readonly side?: Side | null;
    readonly title: string;
    readonly result: string;
    readonly start_fen: string;
    readonly moves: string;
    readonly added_at: Date;
    readonly request_id?: string | null;
  };
  game_chances: {
    readonly id?: number;
    readonly game_id: GameId;
    readonly ply: number;
    readonly exact_key: string;
    readonly chance: string;
  };
  holidays: {
    readonly id?: number;
    readonly club_id: ClubId;
    readonly name: string;
    readonly starts_on: string;
    readonly ends_on: string;
  };
  house_words: {
    readonly id?: number;
    readonly club_id: ClubId;
    readonly class_id?: ClassId | null;
    readonly word: string;
    readonly text: string;
  };
  lessons: {
    readonly id?: LessonId;
    readonly class_id: ClassId;
    readonly day: string;
    readonly begins: string;
    readonly minutes: number;
    readonly plan_id?: PlanId | null;
    readonly is_cancelled?: boolean;
  };
  lesson_plans: {
    readonly id?: PlanId;
    readonly class_id: ClassId;
    readonly title: string;
    readonly segments: string;
    readonly revision?: number;
    readonly created_at: Date;
    readonly request_id?: string | null;
  };
  live_lessons: {
    readonly id?: LiveId;
    readonly class_id: ClassId;
    readonly lesson_id?: LessonId | null;
    readonly begun_by: CoachId;
    readonly begun_at: Date;
    readonly ended_at?: Date | null;
    readonly open_class_id?: ClassId | null;
    readonly segment: number;
    readonly stop: number;
    readonly request_id?: string | null;
  };
  live_questions: {
    readonly id?: QuestionId;
    readonly live_lesson_id: LiveId;
    readonly task_id?: TaskId | null;
    readonly fen: string;
    readonly words: string;
    readonly asked_at: Date;
    readonly closed_at?: Date | null;
    readonly request_id?: string | null;
  };
  live_rounds: { readonly round_id: RoundId; readonly live_question_id: QuestionId };
  mails: {
    readonly id?: EmailId;
    readonly club_id: ClubId;
    readonly written_by: CoachId;
    readonly class_id: ClassId;
    readonly student_id?: StudentId | null;
    readonly request_id?: string | null;
    readonly to_address: string;
    readonly subject: string;
    readonly body: string;
    readonly file_name: string;
    readonly eml: Buffer;
    readonly written_at: Date;
  };
  people: {
    readonly id?: CoachId | StudentId;
    readonly club_id: ClubId;
    readonly kind: 'lead' | 'coach' | 'student';
    readonly display_name: string;
    readonly sign_in_name?: string | null;
    readonly secret_hash?: string | null;
    readonly erased_at?: Date | null;
    readonly request_id?: string | null;
    readonly key_length?: number;
  };
  practices: {
    readonly round_id: RoundId;
    readonly class_id: ClassId;
    readonly stage: string;
    readonly request_id?: string | null;
  };
  practice_reasons: { readonly round_id: RoundId; readonly task_id: TaskId; readonly why: string };
  practice_tasks: { readonly round_id: RoundId; readonly ordinal: number; readonly task_id: TaskId };
  puzzle_facts: {
    readonly task_id: TaskId;
    readonly club_id: ClubId;
    readonly mate_moves: number;
    readonly side: string;
    readonly wing: string;
    readonly men: number;
  };
  rating_steps: {
    readonly id?: number;
    readonly attempt_id: AttemptId;
    readonly student_id: StudentId;
    readonly rating: number;
    readonly deviation: number;
  };
  refused_answers: {
    readonly id?: number;
    readonly student_id: StudentId;
    readonly client_id: string;
    readonly reason: string;
    readonly body: string;
    readonly received_at: Date;
  };
  roster_changes: {
    readonly id?: RosterChangeId;
    readonly club_id: ClubId;
    readonly coach_id: CoachId;
    readonly details: string;
    readonly made_at: Date;
    readonly undone_at?: Date | null;
    readonly request_id?: string | null;
  };
  rounds: {
    readonly id?: RoundId;
    readonly assignment_id?: AssignmentId | null;
    readonly student_id: StudentId;
    readonly started_at: Date;
  };
  sessions: { readonly id: string; readonly person_id: CoachId | StudentId; readonly started_at: Date };
  sets: {
    readonly id?: SetId;
    readonly club_id: ClubId;
    readonly owner_id: CoachId;
    readonly name: string;
    readonly created_at: Date;
    readonly request_id?: string | null;
  };
  set_items: {
    readonly id?: number;
    readonly set_version_id: SetVersionId;
    readonly ordinal: number;
    readonly task_id: TaskId;
  };
  set_versions: {
    readonly id?: SetVersionId;
    readonly set_id: SetId;
    readonly version: number;
    readonly given_at?: Date | null;
  };
  shown_solutions: {
    readonly id?: number;
    readonly client_id: string;
    readonly student_id: StudentId;
    readonly task_id: TaskId;
    readonly round_id: RoundId;
    readonly shown_at: Date;
    readonly received_at: Date;
  };
  staircase_sets: { readonly set_id: SetId };
  student_ratings: {
    readonly student_id: StudentId;
    readonly rating: number;
    readonly deviation: number;
    readonly volatility: number;
    readonly answers: number;
  };
  student_stages: { readonly student_id: StudentId; readonly stage: string; readonly is_open: boolean };
  suggestions: {
    readonly id?: number;
    readonly client_id: string;
    readonly live_question_id: QuestionId;
    readonly student_id?: StudentId | null;
    readonly move: string;
    readonly answered_at: Date;
    readonly received_at: Date;
  };
  tasks: {
    readonly id?: TaskId;
    readonly club_id: ClubId;
    readonly family: string;
    readonly family_version: number;
    readonly skill: string;
    readonly level: number;
    readonly payload: string;
    readonly exact_key: string;
    readonly twin_key: string;
    readonly source?: string | null;
    readonly retired_at?: Date | null;
  };
  task_grades: {
    readonly task_id: TaskId;
    readonly level: number;
    readonly number: number;
    readonly reasons: string;
  };
  task_ideas: { readonly task_id: TaskId; readonly club_id: ClubId; readonly idea_key: string };
  task_ratings: {
    readonly task_id: TaskId;
    readonly club_id: ClubId;
    readonly rating: number;
    readonly deviation: number;
    readonly volatility: number;
    readonly answers: number;
  };
  task_solutions: {
    readonly task_id: TaskId;
    readonly format_version: number;
    readonly prover_version: number;
    readonly mate_moves: number;
    readonly key_count: number;
    readonly graph: string;
    readonly proved_at: Date;
  };
  task_tags: { readonly task_id: TaskId; readonly tag: string };
  terms: {
    readonly id?: TermId;
    readonly club_id: ClubId;
    readonly name: string;
    readonly starts_on: string;
    readonly ends_on: string;
  };
  throttles: { readonly key: string; readonly points?: number; readonly expire?: number | string | null };
  topic_progress: {
    readonly student_id: StudentId;
    readonly topic: string;
    readonly state: string;
    readonly due_at: Date;
  };
  unsent_answers: {
    readonly student_id: StudentId;
    readonly device_id: string;
    readonly answers: number;
    readonly told_at: Date;
  };
  verdicts: {
    readonly id?: number;
    readonly attempt_id: AttemptId;
    readonly judge_version: number;
    readonly outcome: VerdictOutcome;
    readonly diagnoses: string;
  };
}

declare module 'knex/types/tables' {
  interface Tables {
    assignments: Knex.CompositeTableType<
      Rows['assignments'],
      NewRows['assignments'],
      Partial<NewRows['assignments']>
    >;
    attempts: Knex.CompositeTableType<Rows['attempts'], NewRows['attempts'], never>;
    attendances: Knex.CompositeTableType<
      Rows['attendances'],
      NewRows['attendances'],
      Partial<NewRows['attendances']>
    >;
    audit_log: Knex.CompositeTableType<
      Rows['audit_log'],
      NewRows['audit_log'],
      Partial<NewRows['audit_log']>
    >;
    catch_ups: Knex.CompositeTableType<
      Rows['catch_ups'],
      NewRows['catch_ups'],
      Partial<NewRows['catch_ups']>
    >;
    classes: Knex.CompositeTableType<Rows['classes'], NewRows['classes'], Partial<NewRows['classes']>>;
    class_assistants: Knex.CompositeTableType<
      Rows['class_assistants'],
      NewRows['class_assistants'],
      Partial<NewRows['class_assistants']>
    >;
    class_coaches: Knex.CompositeTableType<
      Rows['class_coaches'],
      NewRows['class_coaches'],
      Partial<NewRows['class_coaches']>
    >;
    class_levels: Knex.CompositeTableType<
      Rows['class_levels'],
      NewRows['class_levels'],
      Partial<NewRows['class_levels']>
    >;
    class_stages: Knex.CompositeTableType<
      Rows['class_stages'],
      NewRows['class_stages'],
      Partial<NewRows['class_stages']>
    >;
    class_voices: Knex.CompositeTableType<
      Rows['class_voices'],
      NewRows['class_voices'],
      Partial<NewRows['class_voices']>
    >;
    clubs: Knex.CompositeTableType<Rows['clubs'], NewRows['clubs'], Partial<NewRows['clubs']>>;
    club_patterns: Knex.CompositeTableType<
      Rows['club_patterns'],
      NewRows['club_patterns'],
      Partial<NewRows['club_patterns']>
    >;
    enrolments: Knex.CompositeTableType<
      Rows['enrolments'],
      NewRows['enrolments'],
      Partial<NewRows['enrolments']>
    >;
    games: Knex.CompositeTableType<Rows['games'], NewRows['games'], Partial<NewRows['games']>>;
    game_chances: Knex.CompositeTableType<
      Rows['game_chances'],
      NewRows['game_chances'],
      Partial<NewRows['game_chances']>
    >;
    holidays: Knex.CompositeTableType<Rows['holidays'], NewRows['holidays'], Partial<NewRows['holidays']>>;
    house_words: Knex.CompositeTableType<
      Rows['house_words'],
      NewRows['house_words'],
      Partial<NewRows['house_words']>
    >;
    lessons: Knex.CompositeTableType<Rows['lessons'], NewRows['lessons'], Partial<NewRows['lessons']>>;
    lesson_plans: Knex.CompositeTableType<
      Rows['lesson_plans'],
      NewRows['lesson_plans'],
      Partial<NewRows['lesson_plans']>
    >;
    live_lessons: Knex.CompositeTableType<
      Rows['live_lessons'],
      NewRows['live_lessons'],
      Partial<NewRows['live_lessons']>
    >;
    live_questions: Knex.CompositeTableType<
      Rows['live_questions'],
      NewRows['live_questions'],
      Partial<NewRows['live_questions']>
    >;
    live_rounds: Knex.CompositeTableType<
      Rows['live_rounds'],
      NewRows['live_rounds'],
      Partial<NewRows['live_rounds']>
    >;
    mails: Knex.CompositeTableType<Rows['mails'], NewRows['mails'], Partial<NewRows['mails']>>;
    people: Knex.CompositeTableType<Rows['people'], NewRows['people'], Partial<NewRows['people']>>;
    practices: Knex.CompositeTableType<
      Rows['practices'],
      NewRows['practices'],
      Partial<NewRows['practices']>
    >;
    practice_reasons: Knex.CompositeTableType<
      Rows['practice_reasons'],
      NewRows['practice_reasons'],
      Partial<NewRows['practice_reasons']>
    >;
    practice_tasks: Knex.CompositeTableType<
      Rows['practice_tasks'],
      NewRows['practice_tasks'],
      Partial<NewRows['practice_tasks']>
    >;
    puzzle_facts: Knex.CompositeTableType<
      Rows['puzzle_facts'],
      NewRows['puzzle_facts'],
      Partial<NewRows['puzzle_facts']>
    >;
    rating_steps: Knex.CompositeTableType<Rows['rating_steps'], NewRows['rating_steps'], never>;
    refused_answers: Knex.CompositeTableType<
      Rows['refused_answers'],
      NewRows['refused_answers'],
      Partial<NewRows['refused_answers']>
    >;
    roster_changes: Knex.CompositeTableType<
      Rows['roster_changes'],
      NewRows['roster_changes'],
      Partial<NewRows['roster_changes']>
    >;
    rounds: Knex.CompositeTableType<Rows['rounds'], NewRows['rounds'], Partial<NewRows['rounds']>>;
    sessions: Knex.CompositeTableType<Rows['sessions'], NewRows['sessions'], Partial<NewRows['sessions']>>;
    sets: Knex.CompositeTableType<Rows['sets'], NewRows['sets'], Partial<NewRows['sets']>>;
    set_items: Knex.CompositeTableType<
      Rows['set_items'],
      NewRows['set_items'],
      Partial<NewRows['set_items']>
    >;
    set_versions: Knex.CompositeTableType<
      Rows['set_versions'],
      NewRows['set_versions'],
      Partial<NewRows['set_versions']>
    >;
    shown_solutions: Knex.CompositeTableType<Rows['shown_solutions'], NewRows['shown_solutions'], never>;
    staircase_sets: Knex.CompositeTableType<
      Rows['staircase_sets'],
      NewRows['staircase_sets'],
      Partial<NewRows['staircase_sets']>
    >;
    student_ratings: Knex.CompositeTableType<
      Rows['student_ratings'],
      NewRows['student_ratings'],
      Partial<NewRows['student_ratings']>
    >;
    student_stages: Knex.CompositeTableType<
      Rows['student_stages'],
      NewRows['student_stages'],
      Partial<NewRows['student_stages']>
    >;
    suggestions: Knex.CompositeTableType<
      Rows['suggestions'],
      NewRows['suggestions'],
      Partial<NewRows['suggestions']>
    >;
    tasks: Knex.CompositeTableType<Rows['tasks'], NewRows['tasks'], Partial<NewRows['tasks']>>;
    task_grades: Knex.CompositeTableType<
      Rows['task_grades'],
      NewRows['task_grades'],
      Partial<NewRows['task_grades']>
    >;
    task_ideas: Knex.CompositeTableType<
      Rows['task_ideas'],
      NewRows['task_ideas'],
      Partial<NewRows['task_ideas']>
    >;
    task_ratings: Knex.CompositeTableType<
      Rows['task_ratings'],
      NewRows['task_ratings'],
      Partial<NewRows['task_ratings']>
    >;
    task_solutions: Knex.CompositeTableType<
      Rows['task_solutions'],
      NewRows['task_solutions'],
      Partial<NewRows['task_solutions']>
    >;
    task_tags: Knex.CompositeTableType<
      Rows['task_tags'],
      NewRows['task_tags'],
      Partial<NewRows['task_tags']>
    >;
    terms: Knex.CompositeTableType<Rows['terms'], NewRows['terms'], Partial<NewRows['terms']>>;
    throttles: Knex.CompositeTableType<
      Rows['throttles'],
      NewRows['throttles'],
      Partial<NewRows['throttles']>
    >;
    topic_progress: Knex.CompositeTableType<
      Rows['topic_progress'],
      NewRows['topic_progress'],
      Partial<NewRows['topic_progress']>
    >;
    unsent_answers: Knex.CompositeTableType<
      Rows['unsent_answers'],
      NewRows['unsent_answers'],
      Partial<NewRows['unsent_answers']>
    >;
    verdicts: Knex.CompositeTableType<Rows['verdicts'], NewRows['verdicts'], never>;
  }
}
