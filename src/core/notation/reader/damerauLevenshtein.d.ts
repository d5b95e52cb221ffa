/** The package ships no types: of what it tells only the number of slips is used. */
declare module 'damerau-levenshtein' {
  export default function measureSlips(word: string, other: string): { readonly steps: number };
}
