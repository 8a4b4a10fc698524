import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { CupboardState } from '@/core/records/cupboard/cupboardSchema';
import { putBack } from '@/core/work/preparation/takeOut';
import { Card } from '@/ui/Card';

interface TakenOutListProps {
  readonly cupboard: CupboardState;
  readonly onChange: (cupboard: CupboardState) => void;
}

/** What is out of the cupboard for lessons, to be put back after them. */
export function TakenOutList({ cupboard, onChange }: TakenOutListProps) {
  return (
    <Card title="Out for lessons">
      {cupboard.taken.length === 0 ? (
        <Typography variant="body2" color="textSecondary">
          Nothing. A plan takes its kit out at “Get ready”.
        </Typography>
      ) : (
        <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {cupboard.taken.map(({ planId, title, takenAt, parts }) => (
            <Box component="li" key={`${planId} ${takenAt}`} sx={{ mb: 1 }}>
              <Typography variant="body2">
                <strong>{title}</strong>, {takenAt.slice(0, 10)}: {Object.keys(parts).length} kinds
                of parts
              </Typography>
              <Button size="small" onClick={() => onChange(putBack(cupboard, planId))}>
                Put back what is not used up
              </Button>
            </Box>
          ))}
        </Box>
      )}
    </Card>
  );
}
