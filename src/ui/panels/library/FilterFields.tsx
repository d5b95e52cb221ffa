import { NativeSelect } from '@mantine/core';
import type { ClubPattern } from '@/contracts/clubPatterns';
import type { ClassId } from '@/contracts/ids';
import type { LibrarySearch } from '@/contracts/library';
import { SIDES } from '@/core/board';
import { LEVELS } from '@/core/exercises';
import { KEY_KINDS, WINGS } from '@/core/puzzles';
import { KEY_KIND_WORDS, SIDE_WORDS, wingTexts } from '@/text';
import { PatternField } from '@/ui/forms/PatternField';
import { useHouseVoice } from '@/ui/words';
import * as filtersText from '@/text/screens/filters';

const LENGTHS = [1, 2, 3, 4, 5, 6, 7, 8] as const;
const MEN_CHOICES = [6, 10, 15, 20, 25] as const;

export interface ClassChoice {
  readonly classId: ClassId;
  readonly name: string;
}

/** The fields of the form as text; empty: no filter. */
const FIELDS = ['moves', 'patterns', 'key', 'side', 'wing', 'level', 'men', 'classId'] as const;
export type Filters = Readonly<Record<(typeof FIELDS)[number], string>>;

/** The filters as the address holds them. */
export function queryOf(filters: Filters): URLSearchParams {
  const query = new URLSearchParams();
  for (const field of FIELDS) if (filters[field] !== '') query.set(field, filters[field]);
  return query;
}

/** What stands in the fields for an address. */
export function filtersOf({ patterns, ...search }: LibrarySearch): Filters {
  const text = (field: Exclude<(typeof FIELDS)[number], 'patterns'>) => String(search[field] ?? '');
  return {
    moves: text('moves'),
    patterns: (patterns ?? []).join(),
    key: text('key'),
    side: text('side'),
    wing: text('wing'),
    level: text('level'),
    men: text('men'),
    classId: text('classId'),
  };
}

/** One field for each filter. */
export function FilterFields(props: {
  readonly filters: Filters;
  readonly setFilters: (filters: Filters) => void;
  readonly classes: readonly ClassChoice[];
  /** Named mates of the club's own. */
  readonly ours: readonly ClubPattern[];
}) {
  const { terms } = useHouseVoice();
  const { filters, setFilters } = props;
  const field = (
    label: string,
    name: keyof Filters,
    any: string,
    options: readonly (readonly [value: string | number, label: string])[],
  ) => (
    <NativeSelect
      label={label}
      size="md"
      value={filters[name]}
      data={[
        { value: '', label: any },
        ...options.map(([value, text]) => ({ value: String(value), label: text })),
      ]}
      onChange={({ currentTarget }) => setFilters({ ...filters, [name]: currentTarget.value })}
    />
  );
  return (
    <>
      {field(
        filtersText.length,
        'moves',
        filtersText.anyLength,
        LENGTHS.map((moves) => [moves, filtersText.mateIn(moves)]),
      )}
      <PatternField
        ours={props.ours}
        value={filters.patterns === '' ? [] : filters.patterns.split(',')}
        onChange={(chosen) => setFilters({ ...filters, patterns: chosen.join() })}
      />
      {field(
        filtersText.beginsWith,
        'key',
        filtersText.anyMove,
        KEY_KINDS.map((kind) => [kind, KEY_KIND_WORDS[kind]]),
      )}
      {field(
        filtersText.toMove,
        'side',
        filtersText.eitherSide,
        SIDES.map((side) => [side, SIDE_WORDS[side]]),
      )}
      {field(
        filtersText.matedKingOn(terms),
        'wing',
        filtersText.eitherWing,
        WINGS.map((wing) => [wing, wingTexts(terms)[wing]]),
      )}
      {field(
        filtersText.level,
        'level',
        filtersText.anyLevel,
        LEVELS.map((level) => [level, filtersText.levelOption(level)]),
      )}
      {field(
        filtersText.piecesAtMost,
        'men',
        filtersText.anyNumber,
        MEN_CHOICES.map((men) => [men, filtersText.pieces(men)]),
      )}
      {field(
        filtersText.newTo,
        'classId',
        filtersText.anyClass,
        props.classes.map(({ classId, name }) => [classId, name]),
      )}
    </>
  );
}
