import { MenuItem, TextField } from '@mui/material';
import type { HTMLInputTypeAttribute } from 'react';

interface FieldProps {
  name: string;
  label: string;
  value: string;
  onChange: (value: string) => void;
  /** What is wrong with it, in a sentence. */
  error?: string | undefined;
  hint?: string | undefined;
  required?: boolean;
  multiline?: boolean;
  type?: HTMLInputTypeAttribute;
  options?: { value: string; label: string }[];
  autoFocus?: boolean;
  /** Attributes of the field itself. */
  input?: Record<string, string>;
}

/** One field of a form, with its sentence below it. */
export function Field({ name, label, value, onChange, error, hint, required, multiline, type, options, autoFocus, input }: FieldProps) {
  // A choice of nothing says so.
  const saysNone = options?.some((option) => option.value === '' && option.label !== '') ?? false;
  return (
    <TextField
      id={`field-${name}`}
      name={name}
      label={label}
      value={value}
      onChange={(event) => onChange(event.target.value)}
      error={error !== undefined}
      helperText={error ?? hint ?? ''}
      required={required ?? false}
      multiline={multiline ?? false}
      type={type ?? 'text'}
      select={options !== undefined}
      autoFocus={autoFocus ?? false}
      size="small"
      fullWidth
      slotProps={{
        inputLabel: type === 'date' || saysNone ? { shrink: true } : {},
        htmlInput: { autoComplete: 'off', ...input },
        select: { displayEmpty: saysNone },
      }}
    >
      {options?.map((option) => (
        <MenuItem key={option.value} value={option.value}>
          {option.label}
        </MenuItem>
      ))}
    </TextField>
  );
}
