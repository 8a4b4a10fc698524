import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import Typography from '@mui/material/Typography';
import type { PlanEvaluation } from '@/core/work/judging/evaluatePlan';
import type { BatteryCandidate } from '@/core/work/search/plannerTypes';
import { costWords } from '@/core/work/parts/moneyWords';
import { asPercentRounded } from '@/core/work/judging/verdict';
import { wiringReason } from '@/core/work/search/wiringReason';
import { formatAmps, formatNumber, formatOhms } from '@/core/units';
import { PIECE_FACTS } from '@/core/physics/recipes/pieces';
import { HEADING_FONT } from '@/ui/theme';
import type { useEdit } from '../../../PlanProvider';
import type { Plan } from '@/core/records/plan/planSchema';
import { planCellWithPairs } from '@/core/work/judging/planEdits';

interface WiringOptionCardProps {
  readonly candidate: BatteryCandidate;
  readonly evaluation: PlanEvaluation;
  readonly edit: ReturnType<typeof useEdit>;
  readonly currency: string;
  /** The one to look at first. */
  readonly large?: boolean;
}

/** Whether the plan is laid out like that. */
export function isLaidOut(candidate: BatteryCandidate, evaluation: PlanEvaluation): boolean {
  const { wiring, cell, desk } = evaluation;
  return (
    desk.grid !== null &&
    wiring.cellsInSeries === candidate.cellsInSeries &&
    wiring.strings === candidate.strings &&
    cell.size.pairs === candidate.pairsPerBody &&
    cell.piece === candidate.cell.piece &&
    cell.size.extraPlus + cell.size.extraMinus === 0
  );
}

/** One battery that would do, with what speaks for it; choosing it lays it out. */
export function WiringOptionCard(props: WiringOptionCardProps) {
  const { candidate, evaluation, edit, currency, large = false } = props;
  const { cell, need } = evaluation;
  const { cellsInSeries, strings, pairsPerBody, cells, chance, amps, atEnd } = candidate;
  const chosen = isLaidOut(candidate, evaluation);
  const { recommended } = candidate;
  const { body, piece } = candidate.cell;
  const bodies = cells === 1 ? body.name : body.plural;
  const cut = piece === cell.piece ? '' : `, ${PIECE_FACTS[piece].many}`;
  const pairs = pairsPerBody === 1 ? '' : ` with ${pairsPerBody} pairs each`;
  return (
    <ButtonBase
      aria-pressed={chosen}
      onClick={() => edit((before) => withWiringOption(before, candidate))}
      sx={{
        display: 'block',
        width: '100%',
        fontFamily: 'inherit',
        textAlign: 'left',
        px: 1.5,
        py: large ? 1.5 : 1,
        borderRadius: 1,
        border: chosen ? 2 : 1,
        borderColor: chosen ? 'primary.main' : 'divider',
        bgcolor: 'background.paper',
        '&:focus-visible': { outline: 2 },
      }}
    >
      <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 1, alignItems: 'start' }}>
        <Box
          sx={{ fontFamily: HEADING_FONT, fontWeight: 600, fontSize: large ? '1.3rem' : '1rem' }}
        >
          {cellsInSeries} in series × {strings}
        </Box>
        <Box
          sx={{
            px: 1,
            borderRadius: 5,
            bgcolor: recommended ? 'success.light' : 'warning.light',
            color: recommended ? 'success.main' : 'warning.main',
            fontSize: '0.8rem',
            whiteSpace: 'nowrap',
            fontWeight: 600,
          }}
        >
          {asPercentRounded(chance)} of 100
          {recommended ? '' : ', marginal'}
        </Box>
      </Box>
      <Typography variant="body2" color="textSecondary">
        {cells} {bodies}
        {cut}
        {pairs} · {formatAmps(amps)} → {formatAmps(atEnd.amps)}
        {atEnd.brightness === null ? '' : `, ${atEnd.brightness}`} ·{' '}
        {costWords(candidate.price, currency)}
        {candidate.seriesResistorOhms === null
          ? ''
          : ` · with ${formatOhms(candidate.seriesResistorOhms)} in series`}
      </Typography>
      <Typography variant="body2" color="textSecondary">
        {pairsPerBody === 1
          ? wiringReason(candidate, { openVolts: candidate.openVolts, need })
          : `lasts about ${formatNumber(candidate.hours, 2)} h; more metal, fewer ${bodies}`}
      </Typography>
    </ButtonBase>
  );
}

/** The plan with a way laid out: its counts, how its bodies are cut, and the pairs in each. */
export function withWiringOption(plan: Plan, candidate: BatteryCandidate): Plan {
  const { cellsInSeries, strings, pairsPerBody, cell } = candidate;
  const { piece, size } = cell;
  return {
    ...plan,
    arrangement: { kind: 'own', cellsInSeries, strings },
    cell: planCellWithPairs({ ...plan.cell, piece }, size, pairsPerBody),
  };
}
