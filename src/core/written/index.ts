export {
  BREAK_REASONS,
  judgeWritten,
  type BreakReason,
  type LineBreak,
  type Severity,
  type WrittenLimits,
  type WrittenVerdict,
} from './judgeWritten';
