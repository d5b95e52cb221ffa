import { makeSquareName } from '@/core/board';
import { listWords } from '../../words';

export function toldWords({ isTold }: { readonly isTold: boolean }): string {
  return isTold ? ' Show the whole way first. The piece stays put.' : '';
}

export function targetWords(targets: readonly number[]): string {
  return listWords(targets.map(makeSquareName));
}
