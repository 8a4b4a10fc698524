import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import type { OwnCell } from '@/core/physics/chemistry/ownCell';
import type { OwnReadings } from '@/core/physics/chemistry/ownReadings';

interface CellDoubtsProps {
  readonly outcome: OwnCell;
  readonly kept: boolean;
  readonly onKeep: (kept: boolean) => void;
  readonly onCorrect: (readings: OwnReadings) => void;
}

/** What is odd about the readings, the likely cause, and the choice to mend or to keep them. */
export function CellDoubts({ outcome, kept, onKeep, onCorrect }: CellDoubtsProps) {
  if (outcome.status === 'incomplete') return null;
  const contradictory = outcome.status === 'contradictory';
  return (
    <>
      {contradictory ? (
        <Alert severity="error" sx={{ mt: 2 }}>
          {outcome.message} Until then they are not used.
        </Alert>
      ) : null}
      {outcome.doubts.map(({ code, finding, remedy, corrected }) => (
        <Alert
          key={code}
          severity="warning"
          sx={{ mt: 2, '& .MuiAlert-message': { pb: 0 } }}
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
      ))}
      {contradictory || outcome.fits === null ? null : (
        <Alert severity="info" icon={false} sx={{ mt: 2 }} data-testid="fit-statement">
          {outcome.fits.statement}
        </Alert>
      )}
    </>
  );
}
