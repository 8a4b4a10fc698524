'use client';

import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useSearchParams } from 'next/navigation';
import { type DrillKey, drillKeySchema, HIGHEST_DRILL } from '@/core/work/drill/makeDrill';
import { PageFrame } from '@/ui/PageFrame';
import { DrillBench } from './DrillBench';
import Box from '@mui/material/Box';
import { Selection } from '@/ui/TextInput';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { DRILL_LEVELS, drillLevel } from '@/core/work/drill/levels';
import { LinkIcon, PrintIcon, ShuffleIcon } from '@/ui/icons';
import { QuantityField } from '@/ui/QuantityField';

const FIRST: DrillKey = { level: 1, seed: 1 };

/** The trainer: a battery with a hidden fault, two probes and a meter. The address names level and number. */
export function DrillPage({ classAddress }: { readonly classAddress: string | null }) {
  const params = useSearchParams();
  const parsed = drillKeySchema.safeParse({
    level: params.get('level') ?? FIRST.level,
    seed: params.get('seed') ?? FIRST.seed,
  });
  return (
    <PageFrame heading="Fault drill">
      {parsed.success ? (
        <>
          <DrillChoice drillKey={parsed.data} classAddress={classAddress} />
          <DrillBench key={`${parsed.data.level} ${parsed.data.seed}`} drillKey={parsed.data} />
        </>
      ) : (
        <Alert
          severity="error"
          action={
            <Button color="inherit" size="small" onClick={() => showDrill(FIRST)}>
              To the first drill
            </Button>
          }
        >
          There is no such drill. {parsed.error.issues.map(({ message }) => message).join(' ')}
        </Alert>
      )}
    </PageFrame>
  );
}

const PRINTED = 6;

/** Shows another drill; its address can be given to a class. */
export function showDrill({ level, seed }: DrillKey): void {
  window.history.replaceState(null, '', `?level=${level}&seed=${seed}`);
}

/** Level and number of the drill, its link and its print. */
interface DrillChoiceProps {
  readonly drillKey: DrillKey;
  /** Where the class’s devices reach this app; `null` while no class is open. */
  readonly classAddress: string | null;
}

export function DrillChoice({ drillKey, classAddress }: DrillChoiceProps) {
  const { level, seed } = drillKey;
  const [copied, setCopied] = useState<boolean | null>(null);
  const copy = (): void => {
    navigator.clipboard.writeText(`${classAddress}/drill?level=${level}&seed=${seed}`).then(
      () => setCopied(true),
      () => setCopied(false),
    );
  };
  return (
    <Box sx={{ mb: 1.5 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center' }}>
        <Selection
          label="Level"
          value={level}
          onChange={(chosen) => showDrill({ level: Number(chosen), seed })}
          sx={{ minWidth: 240 }}
          options={DRILL_LEVELS.map(({ level: one, name }) => [one, `${one} · ${name}`] as const)}
        />
        <QuantityField
          label="Drill number"
          kind="count"
          value={seed}
          schema={drillKeySchema.shape.seed}
          onCommit={(value) => showDrill({ level, seed: value })}
          sx={{ width: 130 }}
        />
        <Button
          startIcon={<ShuffleIcon />}
          onClick={() => showDrill({ level, seed: 1 + Math.floor(Math.random() * HIGHEST_DRILL) })}
        >
          Another one
        </Button>
        <Button startIcon={<LinkIcon />} onClick={copy} disabled={classAddress === null}>
          Copy the link for the class
        </Button>
        <Button
          startIcon={<PrintIcon />}
          component="a"
          href={`/api/drill/print?level=${level}&seed=${seed}&count=${PRINTED}`}
          target="_blank"
          rel="noreferrer"
        >
          Print {PRINTED} with key
        </Button>
      </Box>
      <Typography variant="body2" color="textSecondary" sx={{ mt: 1 }} role="status">
        {copied === null
          ? `${drillLevel(level).promise} The metals are hidden under tape: only the meter tells.${classAddress === null ? ' A link for the class is there while a class is open.' : ''}`
          : copied
            ? 'The link is copied: whoever opens it has the same drill.'
            : 'This browser does not let the link be copied: take it from the address line.'}
      </Typography>
    </Box>
  );
}
