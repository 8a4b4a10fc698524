'use client';

import { capital } from '@/core/words';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Drawer from '@mui/material/Drawer';
import FormControlLabel from '@mui/material/FormControlLabel';
import { Selection } from '@/ui/TextInput';
import Slider from '@mui/material/Slider';
import Typography from '@mui/material/Typography';
import useMediaQuery from '@mui/material/useMediaQuery';
import { type ReactNode, useEffect } from 'react';
import { RECIPE_IDS, type RecipeId } from '@/core/physics/recipes/recipe';
import { RECIPES } from '@/core/physics/recipes/recipes';
import type { CellFault } from '@/core/physics/circuit/faults/batterySpec';
import { cellsOf } from '@/core/physics/desk/desk';
import {
  cellAt,
  withCell,
  withCellAfter,
  withCellBeside,
  withFaultToggled,
  withoutCell,
  withShare,
  withSharedBody,
  type DeskPlace,
} from '@/core/physics/desk/deskEdits';
import type { DeskArrangement } from '@/core/physics/desk/deskSchema';
import { FAULT_WORDS, faultsFor, SHARED_BODY_WORDS } from '@/core/physics/desk/faultWords';
import { deskGeometry } from '@/core/physics/desk/deskGeometry';
import { deskOfArrangement, withDesk } from '../../../arrangementEdits';
import { useEdit, usePlan, usePlanContext } from '../../../PlanProvider';

interface CellMenuProps {
  readonly anchor: HTMLElement;
  /** Name of the cell: its place on the desk. */
  readonly name: string;
  readonly onClose: () => void;
}

const PLANS_CELL = 'plan';

/** Below the theme’s `lg` nothing stands beside the desk that a menu could cover. */
const DESK_TAKES_ALL = '(max-width: 1199.95px)';
/** The menu lies over neither the cell that it changes nor the verdict on it. */
const BESIDE_THE_DESK = { p: 2, width: 300, top: 72, height: 'auto', bottom: 0 } as const;
const UNDER_THE_DESK = { p: 2, maxHeight: '52vh' } as const;

/** What can be changed about one cell: what may be wrong with it, what it is, and whether it stays. */
export function CellMenu({ anchor, name, onClose }: CellMenuProps) {
  const plan = usePlan();
  const edit = useEdit();
  const { wiring, desk, wrong } = usePlanContext().evaluation;
  const narrow = useMediaQuery(DESK_TAKES_ALL);
  useEffect(() => {
    if (narrow) anchor.scrollIntoView({ block: 'start', inline: 'center' });
    // What is said above the desk about a new fault moves the cell.
  }, [anchor, narrow, wrong]);
  const cell = cellsOf(desk).find((one) => one.name === name);
  const place = deskGeometry(desk).cells.find((one) => one.cell.name === name)?.place;
  if (cell === undefined || place === undefined) return null;
  const stored = cellAt(deskOfArrangement(plan, wiring), place);
  const change = (
    edited: (board: DeskArrangement) => DeskArrangement,
    typing: string | null = null,
  ): void => edit((before) => withDesk(before, wiring, edited), typing);
  const changeAndClose = (edited: (board: DeskArrangement) => DeskArrangement): void => {
    change(edited);
    onClose();
  };
  return (
    <Drawer
      open
      anchor={narrow ? 'bottom' : 'right'}
      onClose={onClose}
      slotProps={{
        backdrop: { invisible: true },
        paper: {
          role: 'dialog',
          'aria-label': `${name}, ${cell.body.name}`,
          variant: 'outlined',
          sx: narrow ? UNDER_THE_DESK : BESIDE_THE_DESK,
        },
      }}
    >
      <Typography variant="h3">
        {capital(name)}, {cell.body.name}
      </Typography>
      <Typography variant="body2" color="textSecondary" sx={{ mt: 0.5 }}>
        What if it were …
      </Typography>
      <Box sx={{ display: 'grid' }}>
        {faultsFor(cell.recipe.look).map((kind) => (
          <Fault
            key={kind}
            label={FAULT_WORDS[kind].name}
            reason={FAULT_WORDS[kind].reason}
            checked={cell.faults.some((fault) => fault.kind === kind)}
            onChange={() => change((board) => withFaultToggled(board, place, kind))}
          >
            {kind === 'weaker' ? (
              <HowWeak
                faults={cell.faults}
                onChange={(share) =>
                  change((board) => withShare(board, place, share), `weaker ${name}`)
                }
              />
            ) : null}
          </Fault>
        ))}
        {cell.recipe.look === 'pile' ? null : (
          <Fault
            label={`in one ${cell.body.name} with its whole string`}
            reason={SHARED_BODY_WORDS.reason}
            checked={cell.sharedBody !== null}
            onChange={() => change((board) => withSharedBody(board, place.string))}
          />
        )}
      </Box>
      <Selection
        fullWidth
        label="What cell it is"
        value={stored?.mix?.recipe ?? PLANS_CELL}
        onChange={(chosen) => change((board) => withMix(board, place, chosen))}
        sx={{ mt: 1.5 }}
        options={[
          [PLANS_CELL, 'as planned'],
          ...RECIPE_IDS.filter((id) => !RECIPES[id].restricted).map(
            (id) => [id, RECIPES[id].name] as const,
          ),
        ]}
      />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1.5 }}>
        <Button
          size="small"
          variant="outlined"
          onClick={() => changeAndClose((board) => withCellAfter(board, place))}
        >
          Add one after it
        </Button>
        <Button
          size="small"
          variant="outlined"
          onClick={() => changeAndClose((board) => withCellBeside(board, place))}
        >
          Add one beside it
        </Button>
        <Button
          size="small"
          color="inherit"
          onClick={() => changeAndClose((board) => withoutCell(board, place))}
        >
          Remove cell
        </Button>
      </Box>
    </Drawer>
  );
}

function withMix(board: DeskArrangement, place: DeskPlace, choice: string): DeskArrangement {
  const recipe: RecipeId | undefined = RECIPE_IDS.find((id) => id === choice);
  const body = recipe === undefined ? undefined : RECIPES[recipe].bodies[0]?.id;
  const mix = recipe === undefined || body === undefined ? null : { recipe, body };
  return withCell(board, place, (cell) => ({ ...cell, mix }));
}

interface FaultProps {
  readonly label: string;
  readonly reason: string;
  readonly checked: boolean;
  readonly onChange: () => void;
  /** How much of it there is, where that is set. */
  readonly children?: ReactNode;
}

function Fault({ label, reason, checked, onChange, children }: FaultProps) {
  return (
    <Box>
      <FormControlLabel
        control={<Checkbox size="small" checked={checked} onChange={onChange} sx={{ py: 0.4 }} />}
        label={label}
        slotProps={{ typography: { variant: 'body2' } }}
      />
      {checked ? (
        <Box sx={{ pl: 4, mt: -0.5 }}>
          <Typography variant="caption" component="p" color="textSecondary">
            {reason}
          </Typography>
          {children}
        </Box>
      ) : null}
    </Box>
  );
}

interface HowWeakProps {
  readonly faults: readonly CellFault[];
  readonly onChange: (share: number) => void;
}

/** How much of the usual current the cell still lets through. */
function HowWeak({ faults, onChange }: HowWeakProps) {
  const share = faults.find((fault) => fault.kind === 'weaker')?.share ?? 1;
  const words = (percent: number): string => `${percent} % of the usual current`;
  const percent = Math.round(100 * share);
  return (
    <>
      <Slider
        size="small"
        aria-label="How much of the usual current it gives"
        value={percent}
        min={10}
        max={90}
        step={5}
        getAriaValueText={words}
        onChange={(_, value) => onChange((value as number) / 100)}
      />
      <Typography variant="caption" component="p">
        {words(percent)}
      </Typography>
    </>
  );
}
