/** What was found in a file of games, in words for the coach. */
import type { EncodingFault, PgnFault, PgnWarning } from '@/core/notation';
import { faultText } from './faults';
import { reasonText } from './notation';
import type { Terms } from './terms';

/** What was put right or left out: "Line 12: ...". */
export function pgnWarningText(warning: PgnWarning): string {
  return `Line ${warning.line}: ${warningText(warning)}`;
}

function warningText(warning: PgnWarning): string {
  switch (warning.code) {
    case 'pgn/no-result':
      return 'the game has no result at its end.';
    case 'pgn/result-differs':
      return `the tag says ${warning.tag}, the game ends with ${warning.result}. The end counts.`;
    case 'pgn/odd-tag':
      return `"${warning.found}" is not a tag pair. It was skipped.`;
    case 'pgn/odd-token':
      return `"${warning.found}" says nothing about the moves. It was skipped.`;
    case 'pgn/stray-bracket':
      return warning.found === '('
        ? 'a bracket is opened where no variation can begin, or never closed.'
        : 'a bracket is closed that was never opened.';
    case 'pgn/tag-twice':
      return `the tag ${warning.name} is there twice. The first one counts.`;
    case 'pgn/tag-left-out':
      return `the tag ${warning.name} was left out: a game has at most ${warning.most} tags.`;
    case 'pgn/tag-cut':
      return `a tag has more than ${warning.most} letters. The rest was cut off.`;
    case 'pgn/comment-cut':
      return `a comment has more than ${warning.most} letters. The rest was cut off.`;
    case 'pgn/written-otherwise':
      return `"${warning.text}" was read as ${warning.san}.`;
    case 'pgn/variation-cut':
      return `a variation ends before "${warning.move}", which cannot be played there.`;
  }
}

/** Why a game could not be read to its end. */
export function pgnFaultText(fault: PgnFault, terms: Terms): string {
  switch (fault.code) {
    case 'pgn/bad-move':
      return `Line ${fault.line}: ${fault.number} ${fault.move} cannot be played. ${reasonText(fault.at, fault.reason, terms)}`;
    case 'pgn/bad-start':
      return `Line ${fault.line}: the position it begins with cannot be used. ${faultText(fault.fault)}`;
    case 'pgn/open-comment':
      return `Line ${fault.line}: a comment begins here and never ends.`;
    case 'pgn/too-deep':
      return `Line ${fault.line}: too many variations inside one another.`;
    case 'pgn/too-long':
      return `Line ${fault.line}: more moves than any game has.`;
  }
}

/** Why a file is no text. */
export function encodingFaultText({ at }: EncodingFault): string {
  return `This is not a text file: byte ${at + 1} is not a letter, sign or line end.`;
}
