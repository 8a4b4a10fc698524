import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import { AddIcon, RemoveIcon } from './icons';

interface CountStepperProps {
  readonly label: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly onChange: (value: number) => void;
  /** Keys that do the same, named in the buttons' labels. */
  readonly keys?: readonly [fewer: string, more: string];
}

/** A count between two buttons. */
export function CountStepper({ label, value, least, most, onChange, keys }: CountStepperProps) {
  return (
    <Box role="group" aria-label={label} sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
      <Typography variant="body2" color="textSecondary">
        {label}
      </Typography>
      <Box
        sx={{
          display: 'flex',
          alignItems: 'center',
          border: 1,
          borderColor: 'divider',
          borderRadius: 2,
        }}
      >
        <IconButton
          size="small"
          aria-label={`Fewer ${label}${keyNote(keys?.[0])}`}
          disabled={value <= least}
          onClick={() => onChange(value - 1)}
        >
          <RemoveIcon fontSize="small" />
        </IconButton>
        <Box
          component="output"
          aria-live="polite"
          sx={{
            minWidth: 34,
            textAlign: 'center',
            fontWeight: 700,
            borderInline: 1,
            borderColor: 'divider',
          }}
        >
          {value}
        </Box>
        <IconButton
          size="small"
          aria-label={`More ${label}${keyNote(keys?.[1])}`}
          disabled={value >= most}
          onClick={() => onChange(value + 1)}
        >
          <AddIcon fontSize="small" />
        </IconButton>
      </Box>
    </Box>
  );
}

function keyNote(key: string | undefined): string {
  return key === undefined ? '' : ` (key ${key})`;
}
