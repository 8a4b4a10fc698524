import Box from '@mui/material/Box';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { sinceWords, type BoardRow, type GroupState } from '@/core/work/guide/board';
import { capital } from '@/core/words';
import { HEADING_FONT } from '@/ui/theme';
import { projected } from '@/ui/projected';

type Tone = 'error' | 'success' | 'warning' | 'primary' | 'secondary';

const TONES: Readonly<Record<GroupState, Tone>> = {
  wrong: 'error',
  likely: 'warning',
  done: 'success',
  skipped: 'warning',
  running: 'success',
  waiting: 'warning',
  away: 'secondary',
  measuring: 'primary',
  building: 'primary',
};

const toneOf = ({ state, helpWanted }: Pick<BoardRow, 'state' | 'helpWanted'>): Tone =>
  helpWanted ? 'error' : TONES[state];

/** The border of a group’s tile: what it stands for is said in it too. */
export function tileFrame(row: Pick<BoardRow, 'state' | 'helpWanted'>) {
  return { borderColor: `${toneOf(row)}.main`, borderWidth: 2 };
}

/** How a group stands, in a tile: its state, since when, what is wrong or next, and how far it is. */
export function GroupStanding({
  row,
  now,
  large = false,
}: {
  readonly row: BoardRow;
  readonly now: number;
  readonly large?: boolean;
}) {
  const { done, total, headline, detail, since, state } = row;
  const name = capital(row.name);
  const tone = toneOf(row);
  const size = large ? projected(28) : 15;
  return (
    <Box sx={{ fontSize: size }}>
      <Box
        sx={{ display: 'flex', justifyContent: 'space-between', gap: 1, alignItems: 'baseline' }}
      >
        <Typography
          component="span"
          sx={{ fontFamily: HEADING_FONT, fontWeight: 600, fontSize: large ? projected(40) : 17 }}
        >
          {name}
        </Typography>
        <Typography
          component="span"
          color="textSecondary"
          sx={{ fontSize: large ? projected(26) : 13, whiteSpace: 'nowrap' }}
        >
          {state === 'done' ? '✓' : sinceWords(since, now)}
        </Typography>
      </Box>
      <Typography sx={{ color: `${tone}.main`, fontWeight: 700, fontSize: 'inherit' }}>
        {headline}
      </Typography>
      <Typography
        sx={{
          fontSize: large ? projected(26) : 13.5,
          lineHeight: 1.3,
          // On a phone in the hand all groups are seen at once.
          minHeight: { sm: '2.6em' },
          display: '-webkit-box',
          WebkitLineClamp: large ? 3 : { xs: 2, sm: 4 },
          WebkitBoxOrient: 'vertical',
          overflow: 'hidden',
        }}
      >
        {detail}
      </Typography>
      <LinearProgress
        variant="determinate"
        color={tone}
        value={(100 * done) / total}
        aria-label={`${name}: ${done} of ${total} steps`}
        sx={{ mt: 0.75, height: large ? 8 : 4, borderRadius: 2 }}
      />
    </Box>
  );
}
