import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Caution } from '@/core/physics/safety/cautions';

export function CautionList({ cautions }: { cautions: readonly Caution[] }) {
  return (
    <Box component="ul" sx={{ pl: 2.25, m: 0 }}>
      {cautions.map(({ id, text }) => (
        <Typography key={id} component="li" variant="body2" sx={{ mb: 0.5 }}>
          {text}
        </Typography>
      ))}
    </Box>
  );
}
