'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { PART_IDS, PARTS, type Part, type PartId } from '@/core/physics/recipes/parts';
import type { PartCounts } from '@/core/records/plan/haveSchema';
import { isBatteryPart } from '@/core/work/parts/partStock';
import { capital } from '@/core/words';
import { Selection } from '../TextInput';
import { PartCounter } from './PartCounter';

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
      {shown.length === 0 ? (
        <Typography color="textSecondary">Nothing yet: add the first part below.</Typography>
      ) : null}
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

function without(counts: PartCounts, part: PartId): PartCounts {
  return Object.fromEntries(Object.entries(counts).filter(([one]) => one !== part));
}
