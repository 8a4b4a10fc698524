'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { sceneOfMeasurement } from '@/core/work/guide/benchScene';
import type { BenchFacts } from '@/core/work/guide/benchFacts';
import { expectedRangeText } from '@/core/work/guide/expectedWords';
import { meterFor } from '@/core/work/guide/guideOfPlan';
import {
  howToMeasure,
  measurementKey,
  quantityOf,
  type Measurement,
} from '@/core/records/logbook/measurement';
import type { MeterSettings } from '@/core/physics/instruments/meterSettings';
import { BenchPicture } from '@/ui/bench/BenchPicture';
import { now, useLog } from '@/ui/bench/LogProvider';
import { readingEntry } from '@/core/records/logbook/readingEntry';
import { ReadingEntry } from '@/ui/bench/ReadingEntry';
import { useDrafts, useReadingDraft } from '@/ui/bench/useReadingDraft';
import { Card } from '@/ui/Card';
import type { useTool } from '@/ui/document/useTool';
import { lazyPart } from '@/ui/lazyPart';
import { useBenchChoice } from '../../benchChoice';
import type { Taking } from './useMeter';

export type MeterBench = ReturnType<typeof useTool<MeterSettings>>;

const MeterDialog = lazyPart(() => import('./MeterDialog').then((module) => module.MeterDialog));

interface NextCardProps {
  /** What tells the causes apart best; `null`: nothing has to be told apart. */
  readonly telling: Measurement | null;
  /** What the guide reads next; `null`: nothing. */
  readonly next: Measurement | null;
  readonly facts: BenchFacts;
  readonly taking: Taking;
  readonly meter: MeterBench;
  readonly onSkip: () => void;
}

/** The measurement to take next: read from a hand meter and typed; or taken over the network, where a meter was set. */
export function NextCard({ telling, next, facts, taking, meter, onSkip }: NextCardProps) {
  const [open, setOpen] = useState(false);
  const { inUse } = meter.state;
  const measurement = telling ?? next;
  return (
    <Card
      title={telling === null ? 'The meter' : 'Measure next'}
      style={{ background: 'var(--mui-palette-background-default)' }}
    >
      {telling === null ? (
        <Typography variant="body2" color="textSecondary">
          Read the hand meter and type what it shows at the step: 0.94, 0,94 or 940 mV.
        </Typography>
      ) : (
        <Telling
          key={measurementKey(telling)}
          measurement={telling}
          facts={facts}
          onSkip={onSkip}
        />
      )}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
        {inUse && measurement !== null && quantityOf(measurement) !== 'light' ? (
          <Button
            size="small"
            variant="outlined"
            disabled={taking.busy}
            onClick={() => taking.take(measurement)}
          >
            {taking.busy ? 'Reading …' : 'From the meter (R)'}
          </Button>
        ) : null}
        <Button size="small" onClick={() => setOpen(true)}>
          {inUse ? 'Address' : 'A meter in the network …'}
        </Button>
      </Box>
      {taking.problem === null ? null : (
        <Alert severity="warning" sx={{ mt: 1 }}>
          {taking.problem}
        </Alert>
      )}
      {open ? (
        <MeterDialog
          settings={meter.state}
          onUse={(settings) => {
            meter.change(settings);
            setOpen(false);
          }}
          onClose={() => setOpen(false)}
        />
      ) : null}
    </Card>
  );
}

function Telling(props: {
  readonly measurement: Measurement;
  readonly facts: BenchFacts;
  readonly onSkip: () => void;
}) {
  const { measurement, facts, onSkip } = props;
  const { group } = useBenchChoice();
  const { log } = useLog();
  const expected = facts.expected(measurement);
  const setting = meterFor(measurement, expected.value, facts.nominal.meter.shuntOhms);
  const draft = useReadingDraft(
    {
      measurement,
      expected: expected.value,
      stairs: facts.stairs,
      value: null,
      onRead: (value, typed) =>
        log(group, [
          readingEntry(measurement, value, now(), { typed, range: setting?.range ?? null }),
        ]),
    },
    useDrafts(),
  );
  const light = quantityOf(measurement) === 'light';
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <Typography variant="body2" data-testid="measure-next">
        {howToMeasure(measurement)} This tells the causes apart best.
      </Typography>
      <BenchPicture scene={sceneOfMeasurement(measurement)} meter={setting} facts={facts} />
      {light || setting === null ? null : (
        <Typography variant="body2">
          Range <strong>{setting.range}</strong>, red lead in <strong>{setting.socket}</strong>.
          Sound: {expectedRangeText(measurement, expected)}.
        </Typography>
      )}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'flex-start' }}>
        <ReadingEntry
          measurement={measurement}
          value={null}
          label="Reading to take next"
          draft={draft}
          onEnter={draft.commit}
        />
        {light ? null : (
          <Button variant="contained" onClick={draft.commit}>
            Write down
          </Button>
        )}
        <Button variant="outlined" onClick={onSkip}>
          Skip
        </Button>
      </Box>
    </Box>
  );
}
