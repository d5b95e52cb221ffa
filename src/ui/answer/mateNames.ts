import type { NamedPicture } from '@/contracts/clubPatterns';
import { defineClubPattern, matchPatterns, namePatterns } from '@/core/patterns';
import { isCheckmate, type Position } from '@/core/rules';
import { mateCalledText } from '@/text';

/** What a mate on the board is called, in words; empty where it has no name. */
export function nameMate(place: Position, ours: readonly NamedPicture[]): string {
  if (!isCheckmate(place)) return '';
  const own = ours.map(({ name, picture }) => defineClubPattern(name, picture));
  return mateCalledText(
    namePatterns(place),
    matchPatterns(place, own).map(({ id }) => id),
  );
}
