'use client';

import Box from '@mui/material/Box';
import type { PlanEvaluation } from '@/core/work/judging/evaluatePlan';
import {
  explainChance,
  explainOpenVolts,
  explainOperatingPoint,
  explainResistance,
  type Explanation,
} from '@/core/work/words/explain';
import { chanceWording } from '@/core/work/judging/verdict';
import { formatAmps, formatOhms, formatVolts } from '@/core/units';
import { Explained } from '@/ui/Explained';

/** The battery's figures in one line; each opens to show its sum. */
export function BatteryFigures({ evaluation }: { evaluation: PlanEvaluation }) {
  const { source, amps, volts } = evaluation;
  const figures: readonly { text: string; explain: (of: PlanEvaluation) => Explanation }[] = [
    { text: `${formatVolts(source.emfVolts)} open`, explain: explainOpenVolts },
    { text: `${formatOhms(source.resistanceOhms)} inside`, explain: explainResistance },
    { text: `${formatAmps(amps)} at ${formatVolts(volts)}`, explain: explainOperatingPoint },
    { text: chanceWording(evaluation.classes.chance), explain: explainChance },
  ];
  return (
    <Box
      data-tour="figures"
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        columnGap: 3,
        rowGap: 1,
        mt: 1,
        fontSize: '0.88rem',
      }}
    >
      {figures.map(({ text, explain }, index) => (
        <Explained key={index} explain={() => explain(evaluation)}>
          {text}
        </Explained>
      ))}
    </Box>
  );
}
