'use client';

import * as z from 'zod/mini';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { TakenOut } from '@/core/records/cupboard/cupboardSchema';
import { PART_IDS, PARTS } from '@/core/physics/recipes/parts';
import { haveSchema } from '@/core/records/plan/haveSchema';
import { usuallyLeft } from '@/core/work/preparation/takeOut';
import { formatNumber } from '@/core/units';
import { QuantityField } from '../QuantityField';

interface PutBackDialogProps {
  readonly taken: TakenOut;
  readonly onClose: () => void;
  readonly onPutBack: (left: TakenOut['parts']) => void;
}

/** Asks what is left over of each part before it goes back; what can be used again is suggested. */
export function PutBackDialog({ taken, onClose, onPutBack }: PutBackDialogProps) {
  const [left, setLeft] = useState(() => usuallyLeft(taken.parts));
  const parts = PART_IDS.filter((part) => taken.parts[part] !== undefined);
  return (
    <Dialog open onClose={onClose} maxWidth="xs" fullWidth aria-labelledby="back-title">
      <DialogTitle id="back-title">What is left over?</DialogTitle>
      <DialogContent>
        <Typography variant="body2" sx={{ mb: 1.5 }}>
          Food that had metal in it is waste, whatever it looks like.
        </Typography>
        <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {parts.map((part) => {
            const out = taken.parts[part] ?? 0;
            const { plural } = PARTS[part];
            return (
              <Box
                component="li"
                key={part}
                sx={{ display: 'flex', alignItems: 'center', gap: 1, py: 0.5 }}
              >
                <Typography sx={{ flex: 1 }}>{plural}</Typography>
                <QuantityField
                  label={`${plural} left`}
                  hideLabel
                  kind="count"
                  value={left[part] ?? 0}
                  schema={haveSchema.def.valueType.check(
                    z.maximum(out, `Only ${formatNumber(out, 6)} were out.`),
                  )}
                  onCommit={(typed) => setLeft({ ...left, [part]: typed })}
                  sx={{ width: 84 }}
                />
                <Typography variant="body2" color="textSecondary" sx={{ width: 64 }}>
                  of {formatNumber(out, 6)}
                </Typography>
              </Box>
            );
          })}
        </Box>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button variant="contained" onClick={() => onPutBack(left)}>
          Put it back
        </Button>
      </DialogActions>
    </Dialog>
  );
}
