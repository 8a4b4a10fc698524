import Box from '@mui/material/Box';
import type { CellBody } from '@/core/physics/recipes/bodies';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { compareAdditions, type Addition } from '@/core/work/judging/compareAdditions';
import type { PlanEvaluation } from '@/core/work/judging/evaluatePlan';
import type { CupboardState } from '@/core/records/cupboard/cupboardSchema';
import { costWords } from '@/core/work/parts/moneyWords';
import { counted } from '@/core/words';
import { formatAmps, formatNumber } from '@/core/units';
import { countLimits, withOwnWiring } from '../../../arrangementEdits';
import type { useEdit } from '../../../PlanProvider';
import { heldArrangement, planCellWithPairs } from '@/core/work/judging/planEdits';

interface MoreCurrentProps {
  readonly evaluation: PlanEvaluation;
  readonly edit: ReturnType<typeof useEdit>;
  readonly prices: Pick<CupboardState, 'entries' | 'currency'>;
}

/** One more string against more metal in the same bodies, side by side. */
export function MoreCurrent({ evaluation, edit, prices }: MoreCurrentProps) {
  const { desk, amps, wiring, cell } = evaluation;
  const compared =
    desk.grid !== null && !desk.loadReversed ? compareAdditions(evaluation, prices) : null;
  if (compared === null || wiring.strings >= countLimits(wiring).mostStrings) return null;
  // A clock takes what it takes, whatever it is fed by.
  if ([compared.string, compared.metal].every((one) => formatAmps(one.amps) === formatAmps(amps)))
    return null;
  const { pairs } = cell.size;
  return (
    <Box component="section" aria-label="More current" sx={{ mt: 2 }} data-testid="more-current">
      <Typography variant="h3" gutterBottom>
        More current: a string or more metal?
      </Typography>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
        <Way
          title="One more string"
          from={amps}
          addition={compared.string}
          body={cell.body}
          currency={prices.currency}
          onChoose={() =>
            edit((before) => withOwnWiring(before, { ...wiring, strings: wiring.strings + 1 }))
          }
        />
        <Way
          title="Twice the metal in each"
          from={amps}
          addition={compared.metal}
          body={cell.body}
          currency={prices.currency}
          onChoose={() =>
            // What is told is this battery: a suggestion would move with its cells.
            edit((before) => ({
              ...before,
              cell: planCellWithPairs(before.cell, cell.size, 2 * pairs),
              arrangement: heldArrangement(before, wiring),
            }))
          }
          disabled={2 * pairs > 10}
        />
      </Box>
    </Box>
  );
}

interface WayProps {
  readonly title: string;
  readonly from: number;
  readonly addition: Addition;
  /** What more of it is called: `more lemons`. */
  readonly body: Pick<CellBody, 'name' | 'plural'>;
  readonly currency: string;
  readonly onChoose: () => void;
  readonly disabled?: boolean;
}

function Way({ title, from, addition, body, currency, onChoose, disabled = false }: WayProps) {
  const { amps, bodies, pairs, price, foodGrams } = addition;
  return (
    <Box sx={{ border: 1, borderColor: 'divider', borderRadius: 1, p: 1 }}>
      <Typography variant="body2" sx={{ fontWeight: 700 }}>
        {title}
      </Typography>
      <Typography variant="body2">
        {formatAmps(from)} → {formatAmps(amps)}
      </Typography>
      <Typography variant="caption" color="textSecondary" component="p">
        {bodies === 0
          ? `no more ${body.plural}`
          : counted(bodies, `more ${body.name}`, `more ${body.plural}`)}
        , {counted(pairs, 'pair', 'pairs')}, {costWords(price, currency)}
        {foodGrams === 0 ? ', no food wasted' : `, ${formatNumber(foodGrams)} g of food`}
      </Typography>
      <Button
        size="small"
        aria-label={`Apply: ${title}`}
        onClick={onChoose}
        disabled={disabled}
        sx={{ mt: 0.5 }}
      >
        Apply
      </Button>
    </Box>
  );
}
