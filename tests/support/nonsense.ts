/**
 * What nobody's browser sends, but a person with a tool may: values of every kind, and values that have the form a schema asks for with
 * anything in them. Drawn by fast-check, which shrinks what fails.
 */
import fc from 'fast-check';
import { z } from 'zod/mini';

/** The part of JSON Schema that ours become. */
interface Form {
  readonly type?: string;
  readonly const?: unknown;
  readonly enum?: readonly unknown[];
  readonly anyOf?: readonly Form[];
  readonly oneOf?: readonly Form[];
  readonly allOf?: readonly Form[];
  readonly properties?: Readonly<Record<string, Form>>;
  readonly required?: readonly string[];
  readonly additionalProperties?: Form | boolean;
  readonly items?: Form;
  readonly prefixItems?: readonly Form[];
  readonly minItems?: number;
  readonly maxItems?: number;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly format?: string;
  readonly $ref?: string;
}

const FENS = [
  '6k1/5ppp/8/8/8/8/8/R5K1 w - - 0 1',
  'rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1',
  '8/8/8/8/8/8/8/8 w - - 0 1',
  'KKKKKKKK/8/8/8/8/8/8/kkkkkkkk b - - 0 1',
];

/** Words that have broken programs: other alphabets, what SQL, JSON or a page would read as its own, and what is no text at all. */
export const WORDS = [
  '',
  ' ',
  '\u0000',
  '\ud800',
  '\u202eabc',
  'wénna',
  'WENNA',
  'ｗenna',
  'ß',
  'İ',
  '🙂'.repeat(60),
  "'; DROP TABLE people; --",
  '%',
  '{"a":1}',
  '<script>alert(1)</script>',
  '__proto__',
  'constructor',
  '../../etc/passwd',
  '9999-12-31',
  '0000-00-00',
  '2026-02-30',
  '24:00',
  'Europe/Zurich',
  'Nowhere/Land',
  'e2e4',
  'a7a8q',
  'Nf3',
  '1. e4 e5 2. Nf3 *',
  'name\nPip\n',
  'a@b.c',
  'x'.repeat(300),
  ...FENS,
];
const NUMBERS = [0, 1, -1, 0.5, 2 ** 31, 2 ** 53, -(2 ** 63), 1e308, NaN, Infinity, -0];

/** Whatever a browser's library can send: more than JSON can say. */
export const anything: fc.Arbitrary<unknown> = fc.oneof(
  fc.constantFrom<unknown>(undefined, null, true, false, ...NUMBERS, ...WORDS),
  fc.constantFrom<unknown>(10n ** 40n, new Date(NaN), new Date(0)),
  fc.constantFrom<unknown>(new Map([['a', 1]]), new Set([1]), new FormData(), Symbol.for('a'), () => 1),
  fc.anything({ maxDepth: 3, withBigInt: true, withDate: true, withMap: true, withNullPrototype: true }),
);

/** Has the form that is asked for; `idsOf` gives numbers that stand for something, by the name of the field. */
export function ofForm(
  schema: z.ZodMiniType,
  idsOf: (field: string) => readonly number[],
): fc.Arbitrary<unknown> {
  const form: unknown = z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any', reused: 'inline' });
  return arbitraryOf(form as Form, '', idsOf);
}

function arbitraryOf(
  form: Form,
  field: string,
  idsOf: (field: string) => readonly number[],
): fc.Arbitrary<unknown> {
  const inside = (part: Form, name = field) => arbitraryOf(part, name, idsOf);
  if (form.const !== undefined) return fc.constant(form.const);
  if (form.enum !== undefined) return fc.constantFrom(...form.enum);
  const choices = form.anyOf ?? form.oneOf ?? form.allOf;
  if (choices !== undefined) return fc.oneof(...choices.map((choice) => inside(choice)));
  switch (form.type) {
    case 'object':
      return objectOf(form, inside);
    case 'array':
      if (form.prefixItems !== undefined) return fc.tuple(...form.prefixItems.map((item) => inside(item)));
      return fc.array(inside(form.items ?? {}), {
        minLength: form.minItems ?? 0,
        maxLength: Math.min(form.maxItems ?? 6, Math.max(6, form.minItems ?? 0)),
      });
    case 'integer':
    case 'number':
      return numberOf(form, idsOf(field));
    case 'string':
      return stringOf(form);
    case 'boolean':
      return fc.boolean();
    case 'null':
      return fc.constant(null);
    default:
      // What the schema checks by hand: squares, moves, keys, and numbers that an address holds.
      return fc.oneof(fc.constantFrom<unknown>(...WORDS, ...NUMBERS, ...idsOf(field)), anything);
  }
}

function objectOf(
  { properties, required = [], additionalProperties }: Form,
  inside: (part: Form, name?: string) => fc.Arbitrary<unknown>,
): fc.Arbitrary<unknown> {
  if (properties === undefined) {
    const values = typeof additionalProperties === 'object' ? inside(additionalProperties) : anything;
    return fc.dictionary(fc.constantFrom(...WORDS.slice(0, 12), 'sun', 'boat'), values, { maxKeys: 4 });
  }
  const parts = Object.fromEntries(
    Object.entries(properties).map(([name, part]) => [name, inside(part, name)]),
  );
  return fc.record(parts, { requiredKeys: Object.keys(parts).filter((name) => required.includes(name)) });
}

function numberOf({ minimum, maximum, type }: Form, ids: readonly number[]): fc.Arbitrary<number> {
  const min = Math.max(minimum ?? -1000, -1e9);
  const max = Math.min(maximum ?? 1000, 1e9);
  const within =
    type === 'integer' ? fc.integer({ min, max: Math.max(min, max) }) : fc.double({ min, max, noNaN: true });
  const large = fc.constantFrom(2 ** 31, 2 ** 32, 2 ** 53 - 1);
  return ids.length === 0
    ? fc.oneof({ weight: 9, arbitrary: within }, { weight: 1, arbitrary: large })
    : fc.oneof({ weight: 9, arbitrary: fc.constantFrom(...ids) }, { weight: 1, arbitrary: large });
}

function stringOf({ format }: Form): fc.Arbitrary<string> {
  if (format === 'uuid') return fc.uuid();
  const words = fc.constantFrom(...WORDS);
  if (format === 'date') return fc.oneof(fc.constantFrom('2026-11-30', '2027-03-01', '2026-01-01'), words);
  return fc.oneof(
    { weight: 3, arbitrary: words },
    { weight: 1, arbitrary: fc.string({ unit: 'binary', maxLength: 40 }) },
  );
}
