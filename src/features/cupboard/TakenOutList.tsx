import { dateOfMoment } from '@/core/formats/dates';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { CupboardState, TakenOut } from '@/core/records/cupboard/cupboardSchema';
import { putBack } from '@/core/work/preparation/takeOut';
import { Card } from '@/ui/Card';
import { PutBackDialog } from '@/ui/have/PutBackDialog';

interface TakenOutListProps {
  readonly cupboard: CupboardState;
  readonly onChange: (cupboard: CupboardState) => void;
}

/** What is out of the cupboard for lessons, to be put back after them. */
export function TakenOutList({ cupboard, onChange }: TakenOutListProps) {
  const [asked, setAsked] = useState<TakenOut | null>(null);
  return (
    <Card title="Out for lessons">
      {cupboard.taken.length === 0 ? (
        <Typography variant="body2" color="textSecondary">
          Nothing. A plan takes its kit out at “Get ready”.
        </Typography>
      ) : (
        <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {cupboard.taken.map((one) => (
            <Box component="li" key={`${one.planId} ${one.takenAt}`} sx={{ mb: 1 }}>
              <Typography variant="body2">
                <strong>{one.title}</strong>, {dateOfMoment(one.takenAt)}:{' '}
                {Object.keys(one.parts).length} kinds of parts
              </Typography>
              <Button size="small" onClick={() => setAsked(one)}>
                Put back what is left
              </Button>
            </Box>
          ))}
        </Box>
      )}
      {asked === null ? null : (
        <PutBackDialog
          taken={asked}
          onClose={() => setAsked(null)}
          onPutBack={(left) => {
            onChange(putBack(cupboard, asked.planId, left));
            setAsked(null);
          }}
        />
      )}
    </Card>
  );
}
