import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';

interface ChoiceProps<Value extends string> {
  readonly label: string;
  readonly value: Value;
  readonly options: readonly (readonly [value: Value, name: string])[];
  readonly onChange: (value: Value) => void;
}

/** One of a few, side by side. */
export function Choice<Value extends string>({
  label,
  value,
  options,
  onChange,
}: ChoiceProps<Value>) {
  return (
    <ToggleButtonGroup
      exclusive
      size="small"
      value={value}
      aria-label={label}
      onChange={(_, chosen: Value | null) => {
        if (chosen !== null) onChange(chosen);
      }}
      sx={{ display: 'flex', mb: 1.5 }}
    >
      {options.map(([option, name]) => (
        <ToggleButton key={option} value={option}>
          {name}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}
