import { Readable } from '@/ui/plain/Readable';
import Typography from '@mui/material/Typography';
import { useId } from 'react';
import type { MetalPairAnswer, MetalPairQuestion } from '@/core/physics/cell/metalPair';
import {
  METALS,
  METAL_FACT,
  tableVolts,
  type Metal,
  practicalPotential,
} from '@/core/physics/cell/metals';
import { formatFixed } from '@/core/units';
import { CARD, DeskPatterns, INK, materialFill, RULE, SOFT_INK } from '@/ui/desk/DeskPatterns';

interface PotentialLadderProps {
  readonly question: MetalPairQuestion;
  readonly answer: MetalPairAnswer;
}

const LEAST = -2.5;
const MOST = 1;
const WIDTH = 520;
const NAMES = 112;
const ROW = 27;
const TOP = 26;
const TICKS = [-2, -1, 0, 1];

/** Where each metal stands in this liquid, volts against the standard hydrogen electrode. */
export function PotentialLadder({ question, answer }: PotentialLadderProps) {
  const prefix = useId();
  const { medium } = question;
  const rows = METALS.flatMap((metal) => {
    const range = rangeOf(metal, medium);
    return range === null ? [] : [{ metal, range }];
  }).sort((a, b) => a.range[0] + a.range[1] - b.range[0] - b.range[1]);
  const height = TOP + ROW * rows.length + 8;
  const x = (volts: number): number =>
    NAMES + ((WIDTH - NAMES - 46) * (volts - LEAST)) / (MOST - LEAST);
  const signOf = (metal: Metal): string => {
    if (answer.status === 'identical') return metal === question.first ? ' twice' : '';
    return metal === answer.plus.metal ? ' +' : metal === answer.minus.metal ? ' −' : '';
  };
  return (
    <>
      <Readable least={460}>
        <svg
          viewBox={`0 0 ${WIDTH} ${height}`}
          width="100%"
          role="img"
          aria-label={`Electrode potentials against the standard hydrogen electrode, lowest first: ${rows
            .map(({ metal, range }) => `${METAL_FACT[metal].name}${signOf(metal)} ${textOf(range)}`)
            .join('; ')} volts.`}
        >
          <DeskPatterns prefix={prefix} />
          {TICKS.map((volts) => (
            <g key={volts}>
              <line x1={x(volts)} x2={x(volts)} y1={TOP - 6} y2={height - 6} stroke={RULE} />
              <text x={x(volts)} y={TOP - 12} fontSize="12" textAnchor="middle" fill={SOFT_INK}>
                {volts} V
              </text>
            </g>
          ))}
          {rows.map(({ metal, range }, index) => {
            const y = TOP + ROW * index + ROW / 2;
            const sign = signOf(metal);
            const [low, high] = range;
            // A bar from the hydrogen electrode; where only a range is known, its ends are drawn.
            const table = medium === 'own-salts' ? null : tableVolts(metal);
            const far = Math.abs(low) > Math.abs(high) ? low : high;
            const from = x(Math.min(0, far));
            const to = x(Math.max(0, far));
            return (
              <g key={metal} opacity={sign === '' ? 0.55 : 1}>
                <text
                  x={NAMES - 8}
                  y={y + 4}
                  fontSize="13"
                  textAnchor="end"
                  fill={INK}
                  fontWeight={sign === '' ? 400 : 700}
                >
                  {`${METAL_FACT[metal].name}${sign}`}
                </text>
                <rect
                  x={from}
                  y={y - 7}
                  width={Math.max(3, to - from)}
                  height="14"
                  fill={materialFill(METAL_FACT[metal].material, prefix)}
                  stroke={INK}
                  strokeWidth={sign === '' ? 0.5 : 1.4}
                />
                <text
                  x={far < 0 ? from - 5 : to + 5}
                  y={y + 4}
                  fontSize="11.5"
                  fill={INK}
                  textAnchor={far < 0 ? 'end' : 'start'}
                >
                  {textOf(range)}
                </text>
                {table === null ? null : (
                  <path
                    d={`M${x(table)} ${y - 6}l5 6l-5 6l-5 -6z`}
                    fill={CARD}
                    stroke={INK}
                    strokeWidth="1.2"
                  />
                )}
              </g>
            );
          })}
        </svg>
      </Readable>
      <Typography variant="caption" color="textSecondary">
        Volts against the standard hydrogen electrode.{' '}
        {medium === 'own-salts'
          ? 'Bars: each metal in its own ions, from the table.'
          : 'Bars: in salt water and, roughly, in fruit. Diamonds: the table, each metal in its own ions.'}
      </Typography>
    </>
  );
}

function rangeOf(
  metal: Metal,
  medium: MetalPairQuestion['medium'],
): readonly [number, number] | null {
  if (medium !== 'own-salts') return practicalPotential(metal, medium);
  const table = tableVolts(metal);
  return table === null ? null : [table, table];
}

function textOf([low, high]: readonly [number, number]): string {
  return low === high ? formatFixed(low, 2) : `${formatFixed(low, 2)} … ${formatFixed(high, 2)}`;
}
