'use client';

import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useSearchParams } from 'next/navigation';
import { drillKeySchema, type DrillKey } from '@/core/work/drill/makeDrill';
import { PageFrame } from '@/ui/PageFrame';
import { DrillBench } from './DrillBench';
import { DrillChoice, showDrill } from './DrillChoice';

const FIRST: DrillKey = { level: 1, seed: 1 };

/** The trainer: a battery with a hidden fault, two probes and a meter. The address names level and number. */
export function DrillPage() {
  const params = useSearchParams();
  const parsed = drillKeySchema.safeParse({
    level: params.get('level') ?? FIRST.level,
    seed: params.get('seed') ?? FIRST.seed,
  });
  return (
    <PageFrame heading="Fault drill">
      {parsed.success ? (
        <>
          <DrillChoice drillKey={parsed.data} />
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
