'use client';

import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import Typography from '@mui/material/Typography';
import { Card } from '@/ui/Card';
import { useEdit, usePlan } from '../../PlanProvider';

/** Whether groups write down what they expect before they are told. */
export function PredictSwitch() {
  const { lesson } = usePlan();
  const edit = useEdit();
  return (
    <Card title="Predict, then measure">
      <FormControlLabel
        control={
          <Switch
            checked={lesson.predict}
            onChange={(_, predict) =>
              edit((plan) => ({ ...plan, lesson: { ...plan.lesson, predict } }))
            }
          />
        }
        label="Groups predict first"
      />
      <Typography variant="body2" color="textSecondary">
        On their own devices the expected value is hidden until they have written down theirs, or
        have read.
      </Typography>
    </Card>
  );
}
