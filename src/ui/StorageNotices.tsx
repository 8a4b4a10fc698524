import Alert from '@mui/material/Alert';
import Typography from '@mui/material/Typography';
import { PageFrame } from './PageFrame';

/** Above every page where nothing can be saved. */
export function NothingIsSaved({ why }: { readonly why: string }) {
  return (
    <Alert severity="error" square data-testid="read-only">
      You can look at everything, but nothing can be saved. {why} Start Grozer again when that is
      mended.
    </Alert>
  );
}

/** In place of every page where what is stored cannot be opened. */
export function NothingToOpen({ why }: { readonly why: string }) {
  return (
    <PageFrame heading="Grozer cannot open what is stored" back={null} widest={760}>
      <Alert severity="error" data-testid="closed">
        {why}
      </Alert>
      <Typography sx={{ mt: 2 }}>Nothing was changed. Start Grozer again afterwards.</Typography>
    </PageFrame>
  );
}
