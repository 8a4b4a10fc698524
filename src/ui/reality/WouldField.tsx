import Box from '@mui/material/Box';
import { cellsAsked } from '@/core/work/reality/question';
import { QuantityField } from '../QuantityField';

interface WouldFieldProps {
  /** `kiwis` */
  readonly many: string;
  readonly count: number | null;
}

/** Would so many do? The number stands in the address; without one the answer tells how many it takes. */
export function WouldField({ many, count }: WouldFieldProps) {
  return (
    <Box sx={{ maxWidth: 320, mb: 1.5 }}>
      <QuantityField
        label={`Would so many ${many} do?`}
        kind="count"
        value={count}
        schema={cellsAsked.def.innerType}
        onCommit={(cells) => name(String(cells))}
        onEmpty={() => name(null)}
        helperText="Empty: how many it takes."
        fullWidth
      />
    </Box>
  );
}

function name(would: string | null): void {
  const address = new URLSearchParams(window.location.search);
  if (would === null) address.delete('would');
  else address.set('would', would);
  window.history.replaceState(null, '', `?${address.toString()}`);
}
