'use client';

import Box from '@mui/material/Box';
import { capital } from '@/core/words';
import type { Clip, Probing } from '@/core/work/drill/probing';
import { FruitBody } from '@/ui/desk/FruitBody';
import { INK, SOFT_INK } from '@/ui/desk/DeskPatterns';
import classes from './DrillDesk.module.css';

interface DrillDeskProps {
  readonly strings: number;
  readonly cells: number;
  readonly red: Clip | null;
  readonly black: Clip | null;
  readonly meanwhile: Probing['meanwhile'];
  /** Probe that goes to the next clip that is touched. */
  readonly hand: 'red' | 'black';
  readonly onTouch: (clip: Clip) => void;
}

const SPACING = 128;
const ROW = 132;
/** On a phone the desk is wider than the screen and scrolls, so that a finger can tell the clips apart. */
const MIN_WIDTH = 620;
const CLIP = 30;

/** The strings on the desk, metals hidden under tape: every clip can be touched by a probe. */
export function DrillDesk(props: DrillDeskProps) {
  const { strings, cells } = props;
  const left = leftOf(strings);
  const width = left + cells * SPACING + 60;
  const rows = Array.from({ length: strings }, (_, index) => index + 1);
  return (
    <Box sx={{ overflowX: 'auto' }}>
      <svg
        viewBox={`0 0 ${width} ${strings * ROW + 8}`}
        width="100%"
        style={{ display: 'block', maxHeight: 330, minWidth: MIN_WIDTH }}
        role="group"
        aria-label={`${strings === 1 ? 'A string' : 'Two strings'} of ${cells} kiwis; touch two clips with the probes`}
        fontFamily="inherit"
      >
        {rows.map((string) => (
          <DrillString key={string} {...props} string={string} />
        ))}
      </svg>
    </Box>
  );
}

/** Room for the name of a string, where there is more than one. */
function leftOf(strings: number): number {
  return strings > 1 ? 70 : 10;
}

function DrillString({ string, ...props }: DrillDeskProps & { readonly string: number }) {
  const { cells, strings, meanwhile } = props;
  const y = (string - 1) * ROW + 78;
  const numbers = Array.from({ length: cells }, (_, index) => index + 1);
  const x = (cell: number): number => leftOf(strings) + (cell - 0.5) * SPACING;
  const endX = x(cells) + SPACING / 2 + 22;
  const joined = meanwhile === 'joined';
  return (
    <g>
      <text x={8} y={y + 5} fontSize="13" fontWeight="700" fill={SOFT_INK}>
        {strings > 1 ? `string ${string}` : ''}
      </text>
      {numbers.map((cell) => (
        <g key={cell}>
          <g transform={`translate(${x(cell)} ${y})`}>
            <g transform="scale(1.15)">
              <FruitBody id="kiwi" />
            </g>
            <text y="46" textAnchor="middle" fontSize="13" fontWeight="700" fill={INK}>
              {cell}
            </text>
          </g>
          <Lead
            fromX={x(cell) + CLIP}
            toX={cell === cells ? endX : x(cell + 1) - CLIP}
            y={y - 20}
            lifted={meanwhile === cell}
          />
        </g>
      ))}
      {joined ? (
        <path
          d={`M${x(1) - CLIP} ${y - 22} V${y - 66} H${endX} V${y - 22}`}
          fill="none"
          stroke={INK}
          strokeWidth="2"
          strokeDasharray="6 3"
        />
      ) : null}
      {numbers.flatMap((cell) =>
        (['left', 'right'] as const).map((side) => (
          <ClipButton
            key={`${cell} ${side}`}
            {...props}
            clip={{ string, cell, side }}
            x={x(cell) + (side === 'left' ? -CLIP : CLIP)}
            y={y - 20}
          />
        )),
      )}
      <ClipButton {...props} clip={{ string, cell: cells, side: 'end' }} x={endX} y={y - 20} />
    </g>
  );
}

function Lead(props: {
  readonly fromX: number;
  readonly toX: number;
  readonly y: number;
  readonly lifted: boolean;
}) {
  const { fromX, toX, y, lifted } = props;
  const middle = (fromX + toX) / 2;
  return lifted ? (
    <path
      d={`M${fromX} ${y} q8 -20 18 -26 M${toX} ${y} H${middle + 10}`}
      fill="none"
      stroke={INK}
      strokeWidth="2"
    />
  ) : (
    <path
      d={`M${fromX} ${y} Q${middle} ${y - 18} ${toX} ${y}`}
      fill="none"
      stroke={INK}
      strokeWidth="2"
    />
  );
}

interface ClipButtonProps extends Pick<
  DrillDeskProps,
  'strings' | 'red' | 'black' | 'hand' | 'onTouch'
> {
  readonly clip: Clip;
  readonly x: number;
  readonly y: number;
}

function ClipButton({ clip, x, y, strings, red, black, hand, onTouch }: ClipButtonProps) {
  const probes = [
    ...(isClip(red, clip) ? (['red'] as const) : []),
    ...(isClip(black, clip) ? (['black'] as const) : []),
  ];
  const name = clipName(clip, strings > 1);
  const touched = probes.length === 0 ? '' : `, ${probes.join(' and ')} probe there`;
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={`${capital(name)}: put the ${hand} probe here${touched}`}
      className={classes['clip']}
      onClick={() => onTouch(clip)}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' && event.key !== ' ') return;
        event.preventDefault();
        onTouch(clip);
      }}
    >
      <circle cx={x} cy={y} r="15" fill="transparent" />
      <rect
        x={x - 6}
        y={y - 8}
        width="12"
        height="22"
        rx="3"
        fill="var(--mui-palette-text-secondary)"
      />
      {probes.map((probe, index) => (
        <g key={probe}>
          <path
            d={`M${x} ${y - 8} L${x + (index === 0 ? 12 : -12)} ${y - 44}`}
            stroke={PROBE_COLOURS[probe]}
            strokeWidth="5"
            strokeLinecap="round"
          />
          <text
            x={x + (index === 0 ? 14 : -14)}
            y={y - 50}
            textAnchor="middle"
            fontSize="12.5"
            fontWeight="700"
            fill={PROBE_COLOURS[probe]}
          >
            {probe}
          </text>
        </g>
      ))}
    </g>
  );
}

const PROBE_COLOURS = {
  red: 'var(--mui-palette-error-main)',
  black: 'var(--mui-palette-text-primary)',
} as const;

function isClip(first: Clip | null, second: Clip): boolean {
  return (
    first?.string === second.string && first.cell === second.cell && first.side === second.side
  );
}

/** “left clip of cell 2”, “+ end of string 1”. */
export function clipName({ string, cell, side }: Clip, named: boolean): string {
  const of = named ? ` of string ${string}` : '';
  return side === 'end' ? `end of the last lead${of}` : `${side} clip of cell ${cell}${of}`;
}
