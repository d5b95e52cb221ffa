/** Expected outcomes as plain data: they survive workers, server actions and JSON. Bugs are thrown instead. */
export type Result<Value, Failure> =
  { readonly ok: true; readonly value: Value } | { readonly ok: false; readonly error: Failure };

/** Wraps a value as a success. */
export function success<Value>(value: Value): { readonly ok: true; readonly value: Value } {
  return { ok: true, value };
}

/** Wraps an expected failure. */
export function failure<Failure>(error: Failure): { readonly ok: false; readonly error: Failure } {
  return { ok: false, error };
}
