'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import {
  MAX_LOADED,
  ownReadingsSchema,
  type OwnReadings,
} from '@/core/physics/readings/ownReadings';
import { formatAmps, formatOhms, formatSeconds, formatVolts } from '@/core/units';
import { DeleteIcon } from '@/ui/icons';
import { QuantityField } from '@/ui/QuantityField';

type Loaded = OwnReadings['loaded'];

interface LoadedReadingsProps {
  readonly loaded: Loaded;
  readonly onChange: (loaded: Loaded) => void;
}

interface Draft {
  readonly ohms: number | null;
  readonly volts: number | null;
  readonly secondsAfter: number | null;
}

const EMPTY: Draft = { ohms: null, volts: null, secondsAfter: null };

const loadedShape = ownReadingsSchema.shape.loaded.def.element.shape;

/** Volts of the cell while known resistors are across it: what tells a curve from a straight line. */
export function LoadedReadings({ loaded, onChange }: LoadedReadingsProps) {
  const [draft, setDraft] = useState<Draft>(EMPTY);
  const [entry, setEntry] = useState(0);
  const { ohms, volts, secondsAfter } = draft;
  const complete = ohms !== null && volts !== null;
  const add = (): void => {
    if (!complete) return;
    onChange([...loaded, { ohms, volts, secondsAfter }]);
    setDraft(EMPTY);
    setEntry(entry + 1);
  };
  return (
    <Box component="section" aria-label="Readings at known resistors">
      <Typography variant="body2" color="textSecondary" sx={{ mb: 1 }}>
        Three or more tell the internal resistance with its uncertainty; five tell whether the cell
        bends. Read each after the same time.
      </Typography>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {loaded.map((one, index) => (
          <Box
            component="li"
            key={`${index} ${one.ohms} ${one.volts}`}
            sx={{ display: 'flex', alignItems: 'center', gap: 1 }}
          >
            <Typography variant="body2" sx={{ flex: 1 }}>
              {formatOhms(one.ohms)}: {formatVolts(one.volts)}, so{' '}
              {formatAmps(one.volts / one.ohms)}
              {one.secondsAfter === null ? '' : `, after ${formatSeconds(one.secondsAfter)}`}
            </Typography>
            <IconButton
              size="small"
              aria-label={`Remove the reading at ${formatOhms(one.ohms)}`}
              onClick={() => onChange(loaded.filter((_, other) => other !== index))}
            >
              <DeleteIcon fontSize="small" />
            </IconButton>
          </Box>
        ))}
      </Box>
      <Box
        key={entry}
        component="form"
        onSubmit={(event) => {
          event.preventDefault();
          add();
        }}
        sx={{
          display: 'grid',
          gap: 1,
          gridTemplateColumns: 'repeat(auto-fit, minmax(7.25rem, 1fr))',
          alignItems: 'start',
          mt: 1,
        }}
      >
        <QuantityField
          label="Resistor"
          kind="ohms"
          autoFocus={entry > 0}
          value={ohms}
          schema={loadedShape.ohms}
          onCommit={(value) => setDraft({ ...draft, ohms: value })}
          onEmpty={() => setDraft({ ...draft, ohms: null })}
        />
        <QuantityField
          label="Volts across it"
          kind="volts"
          value={volts}
          schema={loadedShape.volts}
          onCommit={(value) => setDraft({ ...draft, volts: value })}
          onEmpty={() => setDraft({ ...draft, volts: null })}
        />
        <QuantityField
          label="Read after, s"
          kind="seconds"
          value={secondsAfter}
          schema={loadedShape.secondsAfter}
          onCommit={(value) => setDraft({ ...draft, secondsAfter: value })}
          onEmpty={() => setDraft({ ...draft, secondsAfter: null })}
        />
        <Button
          type="submit"
          variant="outlined"
          disabled={!complete || loaded.length >= MAX_LOADED}
          sx={{ mt: 0.25 }}
        >
          Add
        </Button>
      </Box>
    </Box>
  );
}
