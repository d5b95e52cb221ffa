import type { Knex } from 'knex';

/** Rows as the driver returns them: moments as Date, JSON columns parsed. */
export interface PersonRow {
  id: number;
  club_id: number;
  kind: 'lead' | 'coach' | 'student';
  display_name: string;
  sign_in_name: string | null;
  secret_hash: string | null;
  erased_at: Date | null;
  request_id: string | null;
  /** Of a child: pictures in its key. */
  key_length: number;
}

export interface TaskRow {
  id: number;
  club_id: number;
  family: string;
  family_version: number;
  skill: string;
  level: number;
  payload: unknown;
  exact_key: string;
  twin_key: string;
  source: string | null;
  retired_at: Date | null;
}

export interface AttemptRow {
  id: number;
  client_id: string;
  student_id: number;
  class_id: number;
  task_id: number;
  round_id: number;
  try_number: number;
  answer: unknown;
  hints: number;
  spent_ms: number;
  answered_at: Date;
  received_at: Date;
}

export interface VerdictRow {
  id: number;
  attempt_id: number;
  judge_version: number;
  outcome: string;
  diagnoses: unknown;
}

/** JSON goes in as text. */
type NewRow<Row, Json extends keyof Row = never> = Omit<Row, 'id' | Json> & Record<Json, string>;

declare module 'knex/types/tables' {
  interface Tables {
    people: PersonRow;
    tasks: Knex.CompositeTableType<TaskRow, NewRow<TaskRow, 'payload'>>;
    /** Only ever added. */
    attempts: Knex.CompositeTableType<AttemptRow, NewRow<AttemptRow, 'answer'>, never>;
    verdicts: Knex.CompositeTableType<VerdictRow, NewRow<VerdictRow, 'diagnoses'>, never>;
  }
}
