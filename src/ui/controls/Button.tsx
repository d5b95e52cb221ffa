import type { ButtonHTMLAttributes } from 'react';
import classes from './controls.module.css';

export interface ButtonLook {
  /** filled: the one thing to do next; default: everything beside it. */
  readonly variant?: 'filled' | 'default' | 'subtle';
  /** big: 56 px for a child's finger, small: 44 px, huge: the one thing on a page. */
  readonly size?: 'small' | 'big' | 'huge';
}

/** The classes of a button, for what only looks like one. */
export function buttonClass({ variant = 'filled', size = 'big' }: ButtonLook): string {
  return [classes.button, classes[variant], classes[size]].join(' ');
}

type ButtonProps = ButtonLook &
  ButtonHTMLAttributes<HTMLButtonElement> & {
    /** What it does is under way: it waits, and keeps its width. */
    readonly isBusy?: boolean;
  };

/** The button of the seat and of everything it shares with the coach: light, for a slow phone loads it before the first task. */
export function Button({ variant, size, isBusy = false, disabled, className, ...props }: ButtonProps) {
  const look = { ...(variant && { variant }), ...(size && { size }) };
  return (
    <button
      type="button"
      {...props}
      className={`${buttonClass(look)} ${className ?? ''}`.trim()}
      disabled={disabled === true || isBusy}
      aria-busy={isBusy || undefined}
    />
  );
}
