'use client';

import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { TitledDocument } from '@/core/formats/documentFormat';
import { useSaveState, type OpenDocument } from './useDocument';

type SaveNoteProps = Pick<OpenDocument<TitledDocument>, 'noun' | 'saving' | 'autosave' | 'kept'>;

/** Below everything that stands beside it, whatever room that leaves. */
const UNDER_ALL = { flexBasis: '100%', order: 1 } as const;

/** Whether everything is saved, and what to do where it is not. */
export function SaveNote(props: SaveNoteProps) {
  const { noun, kept } = props;
  return kept === null ? (
    <SaveStateNote {...props} />
  ) : (
    <Alert
      severity="warning"
      data-testid="kept"
      sx={UNDER_ALL}
      action={
        <>
          <Button color="inherit" size="small" onClick={kept.take}>
            Take them
          </Button>
          <Button color="inherit" size="small" onClick={kept.drop}>
            Discard them
          </Button>
        </>
      }
    >
      This browser kept changes to this {noun} that were never saved.
      {kept.overtaken
        ? ' It was changed elsewhere since: taking them puts yours in place of those.'
        : ''}
    </Alert>
  );
}

function SaveStateNote({ noun, saving, autosave }: SaveNoteProps) {
  const saveState = useSaveState({ saving });
  switch (saveState.status) {
    case 'saved':
    case 'saving':
      return (
        <Typography
          variant="caption"
          color="textSecondary"
          data-testid="save-state"
          sx={{ minWidth: 48 }}
        >
          {saveState.status === 'saved' ? 'saved' : 'saving …'}
        </Typography>
      );
    case 'failed':
      return (
        <Alert severity="warning" data-testid="save-state" sx={{ ...UNDER_ALL, py: 0 }}>
          {saveState.message}{' '}
          {saveState.kept
            ? 'Your changes are kept in this browser, also when you close the page.'
            : 'This browser has no room to keep your changes: leave the page open.'}
        </Alert>
      );
    case 'conflict':
      return (
        <Alert
          severity="warning"
          data-testid="save-state"
          sx={UNDER_ALL}
          action={
            <>
              <Button color="inherit" size="small" onClick={() => void autosave?.useTheirs()}>
                Take the other version
              </Button>
              <Button color="inherit" size="small" onClick={() => void autosave?.keepMine()}>
                Keep mine
              </Button>
            </>
          }
        >
          This {noun} was changed in another window. Nothing is saved here until you choose.
          {saveState.unreachable ? ' Grozer’s server does not answer just now: try again.' : ''}
        </Alert>
      );
  }
}
