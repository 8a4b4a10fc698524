'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Selection } from '@/ui/TextInput';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { cellAmpsAt } from '@/core/physics/cell/cellModel';
import {
  isUnread,
  NO_OWN_READINGS,
  type OwnReadings,
  ownReadingsSchema,
} from '@/core/physics/readings/ownReadings';
import {
  CURRENT_RANGES,
  type CurrentRange,
  suitableCurrentRange,
} from '@/core/physics/instruments/meter';
import { formatAmps, formatOhms, formatVolts } from '@/core/units';
import { Card } from '@/ui/Card';
import { QuantityField } from '@/ui/QuantityField';
import { useEdit, usePlan, usePlanContext } from '../../PlanProvider';
import { CellCurveChart } from './CellCurveChart';
import { CellFigures } from './CellFigures';
import { OwnMeter } from './OwnMeter';
import { SchoolLine } from './SchoolLine';
import { Fold } from '@/ui/Fold';
import { LoadedReadings } from './LoadedReadings';
import Alert from '@mui/material/Alert';
import type { ReadingDoubt } from '@/core/physics/readings/judgeCellReadings';
import type { OwnCell } from '@/core/physics/readings/ownCell';

const shortShape = ownReadingsSchema.shape.shortCircuit.def.innerType.shape;

/** What one built cell reads: the first of the cells that tell what such cells give. */
export function CellReadings() {
  const plan = usePlan();
  const edit = useEdit();
  const cell = usePlanContext().evaluation.cell;
  const { recipe, own: outcome } = cell;
  const own = plan.cell.own ?? NO_OWN_READINGS;
  const short = own.shortCircuit;
  const { shuntOhms } = plan.meter;
  // Until somebody says which range it was, it is the one that suits the current.
  const [chosenRange, setChosenRange] = useState(short?.meterRange ?? null);
  const rangeFor = (amps: number): CurrentRange =>
    chosenRange ?? suitableCurrentRange(amps, shuntOhms);
  const range = short?.meterRange ?? rangeFor(cellAmpsAt(cell.model, 0));

  /** @param typing what is typed letter by letter is one step to undo; a press is one of its own */
  const change = (part: Partial<OwnReadings>, typing: string | null = null): void => {
    // Whatever was kept before, the readings are others now.
    const next = { ...own, kept: false, ...part };
    edit(
      (before) => ({ ...before, cell: { ...before.cell, own: isUnread(next) ? null : next } }),
      typing,
    );
  };
  const changeShort = (
    part: Partial<NonNullable<OwnReadings['shortCircuit']>>,
    typing: string | null = null,
  ): void => {
    if (short !== null) change({ shortCircuit: { ...short, ...part } }, typing);
  };

  const doubts = {
    outcome,
    kept: own.kept,
    onKeep: (kept: boolean) => change({ kept }),
    onCorrect: (readings: OwnReadings) => change(readings),
  };

  return (
    <Card title="What does one cell give?" style={{ alignSelf: 'start' }}>
      <Typography variant="body2" sx={{ mb: 1 }}>
        Build one and measure it: cells of one class differ, so it tells part of what you want to
        know. Typical are {formatVolts(recipe.typical.openVoltsLow)} to{' '}
        {formatVolts(recipe.typical.openVoltsHigh)} and {formatAmps(recipe.typical.shortAmpsLow)} to{' '}
        {formatAmps(recipe.typical.shortAmpsHigh)} ({recipe.typical.source}).
      </Typography>
      <SchoolLine />
      <Box sx={{ display: 'grid', gap: 2, mt: 2 }}>
        <QuantityField
          label="Open-circuit volts"
          kind="volts"
          value={own.openCircuitVolts}
          schema={ownReadingsSchema.shape.openCircuitVolts}
          onCommit={(volts) => change({ openCircuitVolts: volts }, 'open-circuit volts')}
          onEmpty={() => change({ openCircuitVolts: null }, 'open-circuit volts')}
          helperText="Nothing but the meter connected, for example 0.93"
        />
        <CellDoubts field="openVolts" {...doubts} />
        <Box
          sx={{
            display: 'flex',
            flexWrap: 'wrap',
            gap: 2,
            '& > *': { flex: '1 1 6.5rem' },
            '& > :first-of-type': { flex: '2 1 12.5rem' },
          }}
        >
          <QuantityField
            label="Short-circuit milliamps"
            kind="milliamps"
            value={short?.amps ?? null}
            schema={shortShape.amps}
            onCommit={(amps) =>
              change(
                {
                  shortCircuit: {
                    amps,
                    meterRange: rangeFor(amps),
                    secondsAfter: short?.secondsAfter ?? null,
                  },
                },
                'short-circuit amps',
              )
            }
            onEmpty={() => change({ shortCircuit: null }, 'short-circuit amps')}
            helperText="Meter straight across the cell, briefly, for example 1.4"
          />
          <QuantityField
            label="Read after"
            kind="seconds"
            disabled={short === null}
            value={short?.secondsAfter ?? null}
            schema={shortShape.secondsAfter}
            onCommit={(secondsAfter) => changeShort({ secondsAfter }, 'seconds after')}
            onEmpty={() => changeShort({ secondsAfter: null }, 'seconds after')}
            helperText="seconds"
          />
        </Box>
        <CellDoubts field="shortAmps" {...doubts} />
        <ReadingsOutcome outcome={outcome} />
        {plan.cell.own === null ? null : (
          <Button
            size="small"
            sx={{ justifySelf: 'start' }}
            onClick={() => change(NO_OWN_READINGS)}
          >
            {outcome?.status === 'used' ? 'Do without these readings' : 'Clear these readings'}
          </Button>
        )}
        <CellFigures />
        <CellCurveChart cell={cell} />
        <Selection
          label="Range of the meter for the current"
          value={range}
          onChange={(chosen) => {
            const meterRange = chosen;
            setChosenRange(meterRange);
            changeShort({ meterRange });
          }}
          helperText="The meter’s own resistance on that range is taken off."
          options={CURRENT_RANGES.map(
            (one) => [one, `${one} (adds ${formatOhms(shuntOhms[one])})`] as const,
          )}
        />
        <OwnMeter />
        <Fold label="At known resistors" startsOpen={own.loaded.length > 0}>
          <LoadedReadings loaded={own.loaded} onChange={(loaded) => change({ loaded })} />
        </Fold>
        <CellDoubts field="loaded" {...doubts} />
      </Box>
    </Card>
  );
}

interface CellDoubtsProps {
  /** `null`: nothing was read. */
  readonly outcome: OwnCell | null;
  /** Only doubts about this reading: they stand below its field. */
  readonly field: ReadingDoubt['field'];
  readonly kept: boolean;
  readonly onKeep: (kept: boolean) => void;
  readonly onCorrect: (readings: OwnReadings) => void;
}

/** What is odd about one of the readings, the likely cause, and the choice to mend or to keep it. */
export function CellDoubts({ outcome, field, kept, onKeep, onCorrect }: CellDoubtsProps) {
  if (outcome === null || outcome.status === 'incomplete') return null;
  const contradictory = outcome.status === 'contradictory';
  return outcome.doubts
    .filter((doubt) => doubt.field === field)
    .map(({ code, finding, remedy, corrected }) => (
      <Alert
        key={code}
        severity="warning"
        sx={{ '& .MuiAlert-message': { pb: 0 } }}
        data-testid="reading-doubt"
      >
        <strong>{finding}</strong> {remedy}{' '}
        {contradictory ? null : kept ? 'Kept, and marked.' : 'Not used until you say so.'}
        <br />
        {corrected === null ? null : (
          <Button color="inherit" size="small" onClick={() => onCorrect(corrected)}>
            Yes, correct it
          </Button>
        )}
        {contradictory ? null : (
          <Button color="inherit" size="small" onClick={() => onKeep(!kept)}>
            {kept ? 'Do not use it after all' : 'I measured it twice: keep it'}
          </Button>
        )}
      </Alert>
    ));
}

/** Whether the readings are used, and where not, what would make them usable. */
export function ReadingsOutcome({ outcome }: Pick<CellDoubtsProps, 'outcome'>) {
  if (outcome === null) return null;
  switch (outcome.status) {
    case 'incomplete':
      return <Alert severity="info">{outcome.need} Until then they are not used.</Alert>;
    case 'contradictory':
      return <Alert severity="error">{outcome.message} Until then they are not used.</Alert>;
    case 'used':
      return outcome.fits === null ? null : (
        <Alert severity="info" icon={false} data-testid="fit-statement">
          {outcome.fits.statement}
        </Alert>
      );
  }
}
