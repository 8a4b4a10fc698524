import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { withSharedBody } from '@/core/physics/desk/deskEdits';
import { SourceLinks } from '@/ui/SourceLinks';
import { withDesk } from '../../../arrangementEdits';
import { useEdit, usePlanContext } from '../../../PlanProvider';
import { MISCONCEPTIONS, type MisconceptionId } from './misconceptions';

/** A common belief and what the plan's own cell says to it. */
export function MisconceptionDialog({ id, onClose }: { id: MisconceptionId; onClose: () => void }) {
  const edit = useEdit();
  const { evaluation } = usePlanContext();
  const belief = MISCONCEPTIONS.find((one) => one.id === id);
  if (belief === undefined) return null;
  const { title, lines, origin, sources } = belief.answer(evaluation);
  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="belief-title">
      <DialogTitle id="belief-title">{title}</DialogTitle>
      <DialogContent>
        <Typography color="textSecondary" sx={{ mb: 1 }}>
          “{belief.claim}”: no.
        </Typography>
        {lines.map((line) => (
          <Typography key={line} sx={{ mb: 1 }}>
            {line}
          </Typography>
        ))}
        <Typography variant="caption" color="textSecondary">
          {origin}
        </Typography>
        <SourceLinks ids={sources} />
      </DialogContent>
      <DialogActions>
        {id === 'one-body' ? (
          <Button
            onClick={() => {
              edit((before) =>
                withDesk(before, evaluation.wiring, (desk) => withSharedBody(desk, 0)),
              );
              onClose();
            }}
          >
            Show it on the desk
          </Button>
        ) : null}
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}
