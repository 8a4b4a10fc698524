import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import type { ReadingDoubt } from '@/core/physics/readings/judgeCellReadings';
import type { OwnCell } from '@/core/physics/readings/ownCell';
import type { OwnReadings } from '@/core/physics/readings/ownReadings';

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
