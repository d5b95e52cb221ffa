import * as m0001 from './0001_clubs';
import * as m0002 from './0002_people';
import * as m0003 from './0003_terms';
import * as m0004 from './0004_classes';
import * as m0005 from './0005_class_coaches';
import * as m0006 from './0006_enrolments';
import * as m0007 from './0007_positions';
import * as m0008 from './0008_tasks';
import * as m0009 from './0009_task_solutions';
import * as m0010 from './0010_task_tags';
import * as m0011 from './0011_sets';
import * as m0012 from './0012_set_versions';
import * as m0013 from './0013_set_items';
import * as m0014 from './0014_assignments';
import * as m0015 from './0015_rounds';
import * as m0016 from './0016_attempts';
import * as m0017 from './0017_verdicts';
import * as m0018 from './0018_house_words';
import * as m0019 from './0019_audit_log';
import * as m0020 from './0020_throttles';
import * as m0021 from './0021_practices';
import * as m0022 from './0022_practice_tasks';
import * as m0023 from './0023_class_stages';
import * as m0024 from './0024_class_voices';
import * as m0025 from './0025_student_stages';
import * as m0026 from './0026_club_patterns';
import * as m0027 from './0027_staircase_sets';
import * as m0028 from './0028_task_ideas';
import * as m0029 from './0029_task_grades';
import * as m0030 from './0030_puzzle_facts';
import * as m0031 from './0031_task_ratings';
import * as m0032 from './0032_student_ratings';
import * as m0033 from './0033_games';
import * as m0034 from './0034_game_chances';
import * as m0035 from './0035_class_levels';
import * as m0036 from './0036_class_assistants';
import * as m0037 from './0037_roster_changes';
import * as m0038 from './0038_lesson_plans';
import * as m0039 from './0039_lessons';
import * as m0040 from './0040_holidays';
import * as m0041 from './0041_attendances';
import * as m0042 from './0042_catch_ups';
import * as m0043 from './0043_live_lessons';
import * as m0044 from './0044_live_questions';
import * as m0045 from './0045_live_rounds';
import * as m0046 from './0046_suggestions';
import * as m0047 from './0047_topic_progress';
import * as m0048 from './0048_practice_reasons';
import * as m0049 from './0049_rating_steps';
import * as m0050 from './0050_mails';
import * as m0051 from './0051_refused_answers';
import * as m0052 from './0052_answer_times';
import * as m0053 from './0053_sessions';
import * as m0054 from './0054_sign_in_names';
import * as m0055 from './0055_session_epochs';
import * as m0056 from './0056_key_lengths';
import * as m0057 from './0057_unsent_answers';
import * as m0058 from './0058_shown_solutions';
import * as m0059 from './0059_nothing_unused';
import * as m0060 from './0060_stored_words';
import type { Knex } from 'knex';

export interface Migration {
  readonly name: string;
  /** The table it makes, if it makes one; until it is noted as done, the table holds nothing and may be made anew. */
  readonly makes?: string;
  /** The table it takes away, if it takes one. */
  readonly drops?: string;
  up(knex: Knex): Promise<void>;
  down(knex: Knex): Promise<void>;
}

/**
 * All migrations in order. DDL commits by itself in MariaDB, so each makes one table only, or changes rows and columns in a way that may be
 * done again: a start can be killed between any two statements.
 */
export const MIGRATIONS: readonly Migration[] = [
  m0001,
  m0002,
  m0003,
  m0004,
  m0005,
  m0006,
  m0007,
  m0008,
  m0009,
  m0010,
  m0011,
  m0012,
  m0013,
  m0014,
  m0015,
  m0016,
  m0017,
  m0018,
  m0019,
  m0020,
  m0021,
  m0022,
  m0023,
  m0024,
  m0025,
  m0026,
  m0027,
  m0028,
  m0029,
  m0030,
  m0031,
  m0032,
  m0033,
  m0034,
  m0035,
  m0036,
  m0037,
  m0038,
  m0039,
  m0040,
  m0041,
  m0042,
  m0043,
  m0044,
  m0045,
  m0046,
  m0047,
  m0048,
  m0049,
  m0050,
  m0051,
  m0052,
  m0053,
  m0054,
  m0055,
  m0056,
  m0057,
  m0058,
  m0059,
  m0060,
];
