'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import Typography from '@mui/material/Typography';
import { type Part, PART_IDS, type PartId, PARTS } from '@/core/physics/recipes/parts';
import { haveSchema, type PartCounts } from '@/core/records/plan/haveSchema';
import { isBatteryPart } from '@/core/work/parts/partStock';
import { capital } from '@/core/words';
import { partsInSentence } from '@/core/work/parts/partsInSentence';
import { Selection, TextInput } from '../TextInput';
import IconButton from '@mui/material/IconButton';
import { AddIcon, CloseIcon, RemoveIcon } from '../icons';
import { QuantityField } from '../QuantityField';

/** What the kinds of parts are called on lists. */
export const KIND_NAMES: Readonly<Record<Part['kind'], string>> = {
  food: 'fruit, roots and juices',
  metal: 'metals and carbon',
  liquid: 'liquids, salts and powders',
  cell: 'cups, paper and felt',
  wiring: 'leads and tape',
  load: 'LEDs and devices',
  safety: 'goggles and gloves',
  tool: 'tools',
};
const KINDS = Object.keys(KIND_NAMES) as Part['kind'][];

interface HaveListProps {
  readonly counts: PartCounts;
  readonly onCounts: (counts: PartCounts) => void;
}

/** Parts with their counts; others can be added. */
export function HaveList({ counts, onCounts }: HaveListProps) {
  const shown = PART_IDS.filter((part) => counts[part] !== undefined);
  const others = PART_IDS.filter((part) => counts[part] === undefined && isBatteryPart(part));
  return (
    <>
      <SentenceField onCounts={(said, only) => onCounts(only ? said : { ...counts, ...said })} />
      {shown.length === 0 ? <Typography color="textSecondary">Nothing yet.</Typography> : null}
      <Box component="ul" aria-label="Parts" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {shown.map((part) => (
          <PartCounter
            key={part}
            part={part}
            count={counts[part] ?? 0}
            onCount={(count) => onCounts({ ...counts, [part]: count })}
            onRemove={() => onCounts(without(counts, part))}
          />
        ))}
      </Box>
      <Selection
        label="Add a part"
        value=""
        onChange={(part) => {
          if (part !== '') onCounts({ ...counts, [part]: PARTS[part].pack });
        }}
        fullWidth
        sx={{ mt: 2 }}
        options={[
          ['', 'choose …'] as const,
          ...KINDS.flatMap((kind) =>
            others
              .filter((part) => PARTS[part].kind === kind)
              .map((part) => [part, PARTS[part].plural, capital(KIND_NAMES[kind])] as const),
          ),
        ]}
      />
    </>
  );
}

/** Parts typed as one says them; what nothing is called stays in the field and is told. */
function SentenceField({
  onCounts,
}: {
  /** `only`: nothing else is there. */
  readonly onCounts: (said: PartCounts, only: boolean) => void;
}) {
  const [typed, setTyped] = useState('');
  const [unknown, setUnknown] = useState<readonly string[]>([]);
  const put = (only: boolean): void => {
    const said = partsInSentence(typed);
    onCounts(said.counts, only);
    setUnknown(said.unknown);
    setTyped(said.unknown.join(', '));
  };
  return (
    <Box
      component="form"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        put(true);
      }}
      sx={{ mb: 1.5 }}
    >
      <TextInput
        label="Say what you have"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        placeholder="9 potatoes, 6 nails, 10 copper strips, 8 leads"
        error={unknown.length > 0}
        helperText={
          unknown.length === 0
            ? 'In a sentence, or with the list below.'
            : `Nothing on the list is called that: ${unknown.join(', ')}.`
        }
        autoComplete="off"
        fullWidth
      />
      {typed.trim() === '' ? null : (
        <Box sx={{ display: 'flex', gap: 1, mt: 1 }}>
          <Button type="submit" size="small" variant="outlined">
            Only this
          </Button>
          <Button size="small" onClick={() => put(false)}>
            Add to the list
          </Button>
        </Box>
      )}
    </Box>
  );
}

function without(counts: PartCounts, part: PartId): PartCounts {
  return Object.fromEntries(Object.entries(counts).filter(([one]) => one !== part));
}

interface PartCounterProps {
  readonly part: PartId;
  readonly count: number;
  readonly onCount: (count: number) => void;
  readonly onRemove: () => void;
}

/** Pieces are counted one by one, weights and volumes by the ten. */
const STEPS = { piece: 1, sheet: 1, g: 10, mL: 50, cm: 10 } as const;

/** One part with its count: pressed or typed. */
export function PartCounter({ part, count, onCount, onRemove }: PartCounterProps) {
  const { plural, unit } = PARTS[part];
  const step = STEPS[unit];
  const counted = unit === 'piece' || unit === 'sheet' ? '' : `, ${unit}`;
  return (
    <Box
      component="li"
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: 0.5,
        py: 0.5,
        borderBottom: 1,
        borderColor: 'divider',
      }}
    >
      <Typography sx={{ flex: 1, minWidth: 0 }}>
        {plural}
        <Typography component="span" color="textSecondary">
          {counted}
        </Typography>
      </Typography>
      <IconButton
        size="small"
        aria-label={`Fewer ${plural}`}
        disabled={count <= 0}
        onClick={() => onCount(Math.max(0, count - step))}
      >
        <RemoveIcon fontSize="small" />
      </IconButton>
      <QuantityField
        label={`${plural}${counted}`}
        hideLabel
        kind="count"
        value={count}
        schema={haveSchema.def.valueType}
        onCommit={onCount}
        sx={{ width: 72, '& input': { textAlign: 'center', py: 0.5, fontWeight: 700 } }}
      />
      <IconButton size="small" aria-label={`More ${plural}`} onClick={() => onCount(count + step)}>
        <AddIcon fontSize="small" />
      </IconButton>
      <IconButton size="small" aria-label={`Without ${plural}`} onClick={onRemove}>
        <CloseIcon fontSize="small" />
      </IconButton>
    </Box>
  );
}
