import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import type { Refusal } from '../askJson';

/** Why an action on a whole document was refused, fault by fault. */
export function RefusalAlert({
  refusal,
  onClose,
}: {
  refusal: Refusal | null;
  onClose: () => void;
}) {
  if (refusal === null) return null;
  return (
    <Alert severity="error" onClose={onClose} sx={{ mb: 2 }} data-testid="refusal">
      <strong>{refusal.message}</strong>
      <Box component="ul" sx={{ pl: 2, m: 0 }}>
        {refusal.details.map((detail) => (
          <li key={detail}>{detail}</li>
        ))}
      </Box>
    </Alert>
  );
}
