/** What a form's action gives back: the sentence that says what is wrong, and what was typed, so that nothing is lost. */
export interface FormState {
  readonly error?: string;
  readonly values?: Readonly<Record<string, string>>;
  /** Names of the fields the sentence is about. */
  readonly atFault?: readonly string[];
}

/** A text field of a form; empty when it is missing. */
export function textField(form: FormData, name: string): string {
  const value = form.get(name);
  return typeof value === 'string' ? value : '';
}
