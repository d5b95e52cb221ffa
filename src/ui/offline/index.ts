export { ForgetSeat } from './ForgetSeat';
export { KeepSeat } from './KeepSeat';
export { LeaveButton } from './LeaveButton';
export { UnsentCard } from './UnsentCard';
