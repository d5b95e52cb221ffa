import { parseEpd, type EpdOperation } from '@/core/notation';
import { checkPosition, type Position } from '@/core/rules';
import { failure, success, type Result } from '@/core/shared';
import { faultText } from '@/text';

export interface ReadLine {
  readonly position: Position;
  readonly operations: readonly EpdOperation[];
}

/** The possible position of a FEN or EPD line, or the sentence that says what is wrong with it. */
export function readPosition(text: string): Result<ReadLine, string> {
  const epd = parseEpd(text);
  if (!epd.ok) return failure(faultText(epd.error));
  const checked = checkPosition(epd.value.draft);
  if (!checked.ok) return failure(checked.error.map(faultText).join(' '));
  return success({ position: checked.value, operations: epd.value.operations });
}
