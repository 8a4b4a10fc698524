import Paper from '@mui/material/Paper';
import Typography from '@mui/material/Typography';
import type { ClassPrediction } from '@/core/work/guide/board';
import { measurementName } from '@/core/records/logbook/measurement';
import { projected } from '@/ui/projected';
import { readingText } from '@/core/records/logbook/readingEntry';

const WIDTH = 420;
const LEFT = 160;
const ROW = 44;
/** Lines that have room. */
const MOST = 5;

/** What the class expected against what it read, a line for each step: ring and dot on the step’s own scale. */
export function PredictedLines({
  predictions,
  large = false,
}: {
  readonly predictions: readonly ClassPrediction[];
  readonly large?: boolean;
}) {
  const shown = predictions.slice(-MOST);
  return (
    <Paper variant="outlined" sx={{ p: large ? 3 : 2 }} data-testid="wall-predicted">
      <Typography variant="h2" sx={{ fontSize: large ? projected(34) : undefined }}>
        {large ? 'We predicted' : 'Predicted and read'}
      </Typography>
      <svg
        viewBox={`0 0 ${WIDTH} ${ROW * shown.length + 26}`}
        width="100%"
        role="img"
        fontFamily="inherit"
        fontSize="16"
        aria-label={shown.map(wordsOf).join(' ')}
      >
        {shown.map(({ measurement, predicted, read }, index) => {
          const most = 1.15 * Math.max(Math.abs(predicted), Math.abs(read ?? 0), 1e-9);
          const x = (value: number): number =>
            LEFT + (Math.max(0, value) / most) * (WIDTH - LEFT - 12);
          const y = ROW * (index + 0.5);
          return (
            <g key={measurementName(measurement)}>
              <text x="0" y={y + 5} fill="var(--mui-palette-text-primary)">
                {measurementName(measurement)}
              </text>
              <path
                d={`M${LEFT} ${y} H${WIDTH - 8}`}
                stroke="var(--mui-palette-divider)"
                strokeWidth="3"
              />
              {read === null ? null : (
                <circle cx={x(read)} cy={y} r="8" fill="var(--mui-palette-primary-main)" />
              )}
              <circle
                cx={x(predicted)}
                cy={y}
                r="8"
                fill="none"
                stroke="var(--mui-palette-secondary-main)"
                strokeWidth="3.5"
              />
            </g>
          );
        })}
        <text
          x={LEFT}
          y={ROW * shown.length + 18}
          fontSize="14"
          fill="var(--mui-palette-text-secondary)"
        >
          ring: predicted · dot: read
        </text>
      </svg>
    </Paper>
  );
}

function wordsOf({ measurement, predicted, read }: ClassPrediction): string {
  const seen = read === null ? 'not read yet' : `read ${readingText(measurement, read)}`;
  return `${measurementName(measurement)}: predicted ${readingText(measurement, predicted)}, ${seen}.`;
}
