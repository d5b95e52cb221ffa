/** What a form's action gives back: the sentence that says what is wrong, and what was typed, so that nothing is lost. */
export interface FormState {
  readonly error?: string;
  readonly values?: Readonly<Record<string, string>>;
}
