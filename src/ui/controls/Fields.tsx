import type { ReactNode, SelectHTMLAttributes } from 'react';
import classes from './controls.module.css';

/** A choice out of a list, with its label above it. */
export function SelectField({
  label,
  options,
  ...props
}: SelectHTMLAttributes<HTMLSelectElement> & {
  readonly label: string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
}) {
  return (
    <label className={classes.labelled}>
      <span className={classes.label}>{label}</span>
      <select className={classes.field} {...props}>
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.label}
          </option>
        ))}
      </select>
    </label>
  );
}

/** Something that is so or not. */
export function CheckField(props: {
  readonly children: ReactNode;
  readonly checked: boolean;
  readonly disabled?: boolean;
  readonly onChange: (checked: boolean) => void;
}) {
  const { children, checked, disabled = false, onChange } = props;
  return (
    <label className={classes.check}>
      <input
        type="checkbox"
        checked={checked}
        disabled={disabled}
        onChange={({ currentTarget }) => onChange(currentTarget.checked)}
      />
      {children}
    </label>
  );
}
