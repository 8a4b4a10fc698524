import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { clockAfter } from '@/core/units';
import { ClockField } from '@/ui/dates/ClockField';
import { useEdit, usePlan } from '../../PlanProvider';

const DAY_MINUTES = 1440;
/** Where nobody has said yet: a night. */
const EVENING = '20:00';

/** From when to when it must run, where that is at fixed hours of the lesson's day. */
export function EveningHours() {
  const { switchedOnAt, minutes } = usePlan();
  const edit = useEdit();
  if (switchedOnAt === null) {
    return (
      <Button
        size="small"
        sx={{ mt: 1 }}
        onClick={() => edit((before) => ({ ...before, switchedOnAt: EVENING, minutes: 720 }))}
      >
        From … to … on one evening
      </Button>
    );
  }
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, mt: 2, alignItems: 'center' }}>
      <ClockField
        label="Switched on at"
        value={switchedOnAt}
        onCommit={(from) => edit((before) => ({ ...before, switchedOnAt: from }), 'on')}
      />
      <ClockField
        label="Until"
        value={clockAfter(switchedOnAt, minutes)}
        onCommit={(until) =>
          edit((before) => ({ ...before, minutes: minutesUntil(switchedOnAt, until) }), 'until')
        }
      />
      <Button size="small" onClick={() => edit((before) => ({ ...before, switchedOnAt: null }))}>
        At no fixed hours
      </Button>
    </Box>
  );
}

function minutesUntil(from: string, until: string): number {
  const at = (clock: string): number => {
    const [hours = 0, minutes = 0] = clock.split(':').map(Number);
    return 60 * hours + minutes;
  };
  return (at(until) - at(from) + DAY_MINUTES) % DAY_MINUTES || DAY_MINUTES;
}
