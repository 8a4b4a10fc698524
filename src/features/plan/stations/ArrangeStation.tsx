'use client';

import Box from '@mui/material/Box';
import { cautionsOfVolts } from '@/core/safety/cautions';
import Alert from '@mui/material/Alert';
import { useDeferredValue } from 'react';
import { Card } from '@/ui/Card';
import { CountStepper } from '@/ui/CountStepper';
import { DeskPicture } from '@/ui/desk/DeskPicture';
import { countLimits, withOwnWiring } from '../arrangementEdits';
import { useEdit, usePlan, usePlanContext } from '../PlanProvider';
import { BatteryFigures } from './BatteryFigures';
import { ClassesChart } from './ClassesChart';
import { CurvesChart } from './CurvesChart';
import { WaysList } from './WaysList';

/** Station 3: the battery on the desk, its volts and amps, and the ways to do it. */
export function ArrangeStation() {
  const { evaluation } = usePlanContext();
  const plan = usePlan();
  const edit = useEdit();
  const { wiring, cell, source, need, point } = evaluation;
  const { mostInSeries, mostStrings } = countLimits(wiring);
  // Desk and verdict follow an edit at once; charts and candidates may take the next frame.
  const settled = useDeferredValue(evaluation);
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 1.5,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 286px' },
        alignItems: 'start',
      }}
    >
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { sm: '1fr 1fr' }, minWidth: 0 }}>
        <Card
          title="On the desk"
          sx={{ gridColumn: '1 / -1' }}
          actions={
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2 }}>
              <CountStepper
                label="cells in a string"
                value={wiring.cellsInSeries}
                least={1}
                most={mostInSeries}
                keys={['[', ']']}
                onChange={(cellsInSeries) =>
                  edit((before) => withOwnWiring(before, { ...wiring, cellsInSeries }))
                }
              />
              <CountStepper
                label="strings side by side"
                value={wiring.strings}
                least={1}
                most={mostStrings}
                keys={['{', '}']}
                onChange={(strings) =>
                  edit((before) => withOwnWiring(before, { ...wiring, strings }))
                }
              />
            </Box>
          }
        >
          {cautionsOfVolts(source.emfVolts).map(({ id, text }) => (
            <Alert key={id} severity="warning" sx={{ mb: 1 }}>
              {text}
            </Alert>
          ))}
          <Box
            sx={{ overflowX: 'auto' }}
            tabIndex={0}
            role="region"
            aria-label="Desk picture, scrolls sideways"
          >
            <DeskPicture
              look={cell.recipe.look}
              plus={cell.recipe.plus.material}
              minus={cell.recipe.minus.material}
              bodyId={cell.body.id}
              bodyName={cell.body.name}
              cellsInSeries={wiring.cellsInSeries}
              strings={wiring.strings}
              target={plan.target}
              loadName={need.name}
              brightness={evaluation.brightness}
              running={evaluation.amps >= 0.999 * need.amps}
              amps={evaluation.amps}
              openVolts={source.emfVolts}
              loadedVolts={point.status === 'solved' ? point.volts : source.emfVolts}
            />
          </Box>
          <BatteryFigures evaluation={evaluation} />
        </Card>
        <CurvesChart evaluation={settled} />
        <ClassesChart evaluation={settled} />
      </Box>
      <WaysList
        evaluation={settled}
        suggested={plan.arrangement.kind === 'suggested'}
        edit={edit}
      />
    </Box>
  );
}
