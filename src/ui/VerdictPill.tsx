import Box from '@mui/material/Box';
import { CheckCircleIcon, ErrorIcon, WarningIcon } from './icons';

export type Tone = 'fine' | 'marginal' | 'wrong';

const TONES = {
  fine: { palette: 'success', Icon: CheckCircleIcon, word: 'Good:' },
  marginal: { palette: 'warning', Icon: WarningIcon, word: 'Marginal:' },
  wrong: { palette: 'error', Icon: ErrorIcon, word: 'Not yet:' },
} as const;

interface VerdictPillProps {
  readonly tone: Tone;
  readonly headline: string;
  readonly details: readonly string[];
  /** Announce changes to screen readers. */
  readonly live?: boolean;
  /** On a phone the one sentence is enough. */
  readonly brief?: boolean;
}

/** The verdict: one sentence, its tone shown by icon and colour together. */
export function VerdictPill({
  tone,
  headline,
  details,
  live = false,
  brief = false,
}: VerdictPillProps) {
  const { palette, Icon, word } = TONES[tone];
  return (
    <Box
      data-testid="verdict"
      data-tone={tone}
      {...(live ? { role: 'status', 'aria-live': 'polite' as const } : {})}
      sx={{
        display: 'flex',
        alignItems: 'flex-start',
        gap: 1,
        px: 1.5,
        py: 0.9,
        borderRadius: 1,
        bgcolor: `${palette}.light`,
        color: `${palette}.main`,
        fontSize: '0.9rem',
        lineHeight: 1.35,
      }}
    >
      <Icon sx={{ fontSize: '1.2rem', flexShrink: 0 }} titleAccess={word} />
      <span>
        <strong>{headline}</strong>
        <Box component="span" sx={brief ? { display: { xs: 'none', md: 'inline' } } : null}>
          {details.map((detail) => (
            <span key={detail}> · {detail}</span>
          ))}
        </Box>
      </span>
    </Box>
  );
}
