/** What stages and presets are called. */
import type { PathPreset, Stage } from '@/core/exercises';
import { capital, type Terms } from './terms';

const STAGE_WORDS: Readonly<Record<Stage, string>> = {
  board: 'The board',
  movement: 'How the pieces move',
  capturing: 'Capturing',
  attack: 'Attack and protect',
  values: 'Piece values',
  check: 'Check, mate and draws',
  'special-moves': 'Special moves',
  notation: 'Writing moves',
  'basic-mates': 'Mating a bare king',
  'quick-mate': 'The quick mate',
  opening: 'The first moves of a game',
  motifs: 'Double attacks and pins',
  'named-mates': 'Mates with a name',
  'forced-mates': 'Forced mates',
  'kings-and-pawns': 'Kings and pawns',
};

/** What a stage is called in this house. */
export function stageName(stage: Stage, terms: Terms): string {
  switch (stage) {
    case 'capturing':
      return capital(terms.doing('capture'));
    case 'basic-mates':
      return `Mating a bare ${terms.one('king')}`;
    case 'kings-and-pawns':
      return `${capital(terms.many('king'))} and ${terms.many('pawn')}`;
    default:
      return STAGE_WORDS[stage];
  }
}

export const PRESET_WORDS: Readonly<Record<PathPreset, string>> = {
  'board-first': 'Board, pieces, capturing, then mate',
  'mate-early': 'Mate early: after the board and the pieces',
  'writing-early': 'Writing moves early',
};
