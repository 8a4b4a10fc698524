'use client';

import ButtonBase from '@mui/material/ButtonBase';
import type { DeskGeometry } from '@/core/physics/desk/deskGeometry';
import { withLoadTurned } from '../../../arrangementEdits';
import { useEdit, usePlan, usePlanContext } from '../../../PlanProvider';

const HALF_WIDTH = 40;
const HALF_HEIGHT = 36;

/** The LED on the desk, to turn it round. Other loads do not mind. */
export function LoadButton({ geometry }: { geometry: DeskGeometry }) {
  const plan = usePlan();
  const edit = useEdit();
  const { wiring, desk } = usePlanContext().evaluation;
  if (plan.target.kind !== 'led') return null;
  const { loadX, loadY, width, height } = geometry;
  const percent = (part: number, whole: number): string => `${(100 * part) / whole}%`;
  return (
    <ButtonBase
      aria-label="Turn the LED round"
      title="Turn the LED round (L)"
      aria-pressed={desk.loadReversed}
      onClick={() => edit((before) => withLoadTurned(before, wiring))}
      sx={{
        position: 'absolute',
        left: percent(loadX - HALF_WIDTH, width),
        width: percent(2 * HALF_WIDTH, width),
        top: percent(loadY - HALF_HEIGHT, height),
        height: percent(2 * HALF_HEIGHT, height),
        borderRadius: 1,
        '&:hover': { outline: '1.5px dotted', outlineColor: 'text.secondary' },
        '&:focus-visible': { outline: '2.5px solid', outlineColor: 'primary.main' },
      }}
    />
  );
}
