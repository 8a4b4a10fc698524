import { isLit } from '@/core/records/plan/targetWords';
import { useId } from 'react';
import { BRIGHTNESS_FROM_AMPS } from '@/core/physics/circuit/brightness';
import type { PlanSummary } from '@/core/work/judging/planSummary';
import { CellDrawing } from './CellDrawing';
import { DeskPatterns, INK } from './DeskPatterns';
import { LoadDrawing } from './LoadDrawing';

type DeskMiniatureProps = Pick<
  PlanSummary,
  'looks' | 'bodyName' | 'cellsInSeries' | 'strings' | 'target' | 'verdict'
>;

const WIDTH = 300;
const HEIGHT = 110;
/** Part of the picture that the cells may fill. */
const CELLS_WIDTH = 216;
const MAX_COLUMNS = 12;
const MAX_ROWS = 5;

/** The desk, small: as many cells and strings as can be told apart. */
export function DeskMiniature(props: DeskMiniatureProps) {
  const { looks, bodyName, cellsInSeries, strings, target, verdict } = props;
  const prefix = useId();
  const columns = Math.min(cellsInSeries, MAX_COLUMNS);
  const rows = Math.min(strings, MAX_ROWS);
  const cellWidth = looks.look === 'pile' ? 40 : 74;
  const scale = Math.min(1, CELLS_WIDTH / (columns * cellWidth), (HEIGHT - 14) / (rows * 68));
  const width = columns * cellWidth * scale;
  const left = (CELLS_WIDTH - width) / 2;
  const rowHeight = 68 * scale;
  const top = (HEIGHT - rows * rowHeight) / 2;
  const y = (row: number): number => top + (row + 0.58) * rowHeight;
  const works = verdict.tone !== 'wrong';
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width="100%"
      role="img"
      aria-label={`${strings} × ${cellsInSeries} × ${bodyName}`}
    >
      <DeskPatterns prefix={prefix} />
      {Array.from({ length: rows }, (_, row) => (
        <g key={row}>
          <path
            d={`M${left} ${y(row)} H${left + width + 6}`}
            stroke={INK}
            strokeWidth="1"
            opacity="0.5"
          />
          {Array.from({ length: columns }, (_cell, column) => (
            <g
              key={column}
              transform={`translate(${left + (column + 0.5) * cellWidth * scale} ${y(row)}) scale(${scale})`}
            >
              <CellDrawing looks={looks} spacing={40} patternPrefix={prefix} signs={false} />
            </g>
          ))}
        </g>
      ))}
      <g transform={`translate(262 ${HEIGHT / 2}) scale(0.8)`}>
        <LoadDrawing
          target={target}
          litAmps={works && isLit(target) ? BRIGHTNESS_FROM_AMPS[target.brightness] : 0}
          running={works}
        />
      </g>
    </svg>
  );
}
