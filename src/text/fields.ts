/** What is wrong with one field of a form, told beside it. */

/** What the contract refuses in a field. */
export type FieldFault =
  | { readonly code: 'empty' }
  | { readonly code: 'too-short'; readonly least: number }
  | { readonly code: 'too-long'; readonly most: number }
  | { readonly code: 'choose-one' }
  | { readonly code: 'too-small'; readonly least: number }
  | { readonly code: 'too-large'; readonly most: number }
  | { readonly code: 'no-day' }
  | { readonly code: 'not-readable' };

export function fieldFaultText(fault: FieldFault): string {
  switch (fault.code) {
    case 'empty':
      return 'Fill this in.';
    case 'too-short':
      return `Write at least ${fault.least} letters.`;
    case 'too-long':
      return `Write at most ${fault.most} letters.`;
    case 'choose-one':
      return 'Choose at least one.';
    case 'too-small':
      return `At least ${fault.least}.`;
    case 'too-large':
      return `At most ${fault.most}.`;
    case 'no-day':
      return 'Choose a day.';
    case 'not-readable':
      return 'This cannot be read. Look again.';
  }
}
