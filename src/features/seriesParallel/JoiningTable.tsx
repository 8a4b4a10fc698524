'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { Selection } from '@/ui/TextInput';
import { useState } from 'react';
import {
  BOUGHT_CELL,
  type ComparedCell,
  compareJoining,
  HOME_MADE_CELL,
  type Lamp,
  LAMP_ARRANGEMENTS,
  type LampArrangement,
  LED_RESISTOR_OHMS,
} from '@/core/work/seriesParallel/compareJoining';
import { joiningWords } from '@/core/work/seriesParallel/joiningWords';
import { aboutTime, formatAmps, formatWatts } from '@/core/units';
import { capital } from '@/core/words';
import { SourceLinks } from '@/ui/SourceLinks';
import { FruitBody } from '@/ui/desk/FruitBody';
import { CARD, INK, RULE } from '@/ui/desk/DeskPatterns';

interface JoiningTableProps {
  readonly cell: ComparedCell;
  readonly lamp: Lamp;
  readonly lamping: LampArrangement;
}

const CELLS: Readonly<Record<ComparedCell['id'], ComparedCell>> = {
  bought: BOUGHT_CELL,
  'home-made': HOME_MADE_CELL,
};
const LAMP_NAMES: Readonly<Record<Lamp, string>> = {
  bulb: 'torch bulb, 2.5 V 0.2 A',
  led: 'red LED',
};

/** Three ways to join the cells, side by side: brightness, currents, how long they last. */
export function JoiningTable(props: JoiningTableProps) {
  const [cellId, setCellId] = useState(props.cell.id);
  const [lamp, setLamp] = useState(props.lamp);
  const [lamping, setLamping] = useState(props.lamping);
  const cell = CELLS[cellId];
  const results = compareJoining(cell, lamp, lamping);
  const most = Math.max(...results.map(({ lampWatts }) => lampWatts));
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5 }}>
        <Pick
          label="Cells"
          value={cellId}
          options={[
            ['bought', 'bought AA cells'],
            ['home-made', 'kiwis, copper and zinc'],
          ]}
          onChange={setCellId}
        />
        <Pick
          label="Lamp"
          value={lamp}
          options={[
            ['bulb', LAMP_NAMES.bulb],
            ['led', LAMP_NAMES.led],
          ]}
          onChange={setLamp}
        />
        <Pick
          label="How many lamps"
          value={lamping}
          options={LAMP_ARRANGEMENTS.map((one) => [one, one] as const)}
          onChange={setLamping}
        />
      </Box>
      <Box sx={{ overflowX: 'auto' }}>
        <Table size="small" aria-label="Three ways to join the cells">
          <TableHead>
            <TableRow>
              <TableCell>how they are joined</TableCell>
              <TableCell>the lamp</TableCell>
              <TableCell align="right">current of a lamp</TableCell>
              <TableCell align="right">power of a lamp</TableCell>
              <TableCell align="right">out of each cell</TableCell>
              <TableCell align="right">lasts</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {results.map((one) => (
              <TableRow key={one.name}>
                <TableCell component="th" scope="row">
                  <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
                    <JoiningPicture
                      cells={cell.id}
                      inSeries={one.inSeries}
                      strings={one.strings}
                      glow={one.looks === 'dark' || most === 0 ? 0 : one.lampWatts / most}
                    />
                    {capital(one.name)}
                  </Box>
                </TableCell>
                <TableCell sx={{ fontWeight: 700 }}>{one.looks}</TableCell>
                <TableCell align="right">{formatAmps(one.lampAmps)}</TableCell>
                <TableCell align="right">{formatWatts(one.lampWatts)}</TableCell>
                <TableCell align="right">{formatAmps(one.cellAmps)}</TableCell>
                <TableCell align="right">
                  {Number.isFinite(one.lastsSeconds) ? aboutTime(one.lastsSeconds) : '–'}
                </TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </Box>
      <Alert severity="info" icon={false} role="status" data-testid="joining-words">
        {joiningWords(results)}
        {lamp === 'led' && cellId === 'bought'
          ? ` An LED on bought cells needs a resistor: ${LED_RESISTOR_OHMS} Ω are in the circuit.`
          : ''}
      </Alert>
      <SourceLinks ids={['bought', 'cell-readings', 'led', 'brightness']} />
    </Box>
  );
}

function Pick<Value extends string>(props: {
  readonly label: string;
  readonly value: Value;
  readonly options: readonly (readonly [Value, string])[];
  readonly onChange: (value: Value) => void;
}) {
  const { label, value, options, onChange } = props;
  return (
    <Selection
      label={label}
      value={value}
      onChange={(chosen) => onChange(chosen)}
      sx={{ minWidth: 210, maxWidth: 1 }}
      options={options.map(([one, name]) => [one, name] as const)}
    />
  );
}

interface JoiningPictureProps {
  readonly cells: 'bought' | 'home-made';
  readonly inSeries: number;
  readonly strings: number;
  /** Power of the lamp against the brightest of the ways, 0 to 1; 0 is dark. */
  readonly glow: number;
}

/** Light as it looks; a drawing, not a role, so it stays the same in every theme. */
const LIGHT = '#FFC233';
const PITCH = 22;
const ROW = 20;

/** The cells in their strings and the lamp, small; what it shows stands beside it in words. */
export function JoiningPicture({ cells, inSeries, strings, glow }: JoiningPictureProps) {
  const rows = Array.from({ length: strings }, (_, index) => index);
  const places = Array.from({ length: inSeries }, (_, index) => index);
  const middle = ROW + 2;
  const right = 8 * PITCH + 26;
  return (
    <svg viewBox={`0 0 ${right + 34} 44`} width="232" height="44" aria-hidden="true">
      {rows.map((row) => {
        const y = strings === 1 ? middle : middle + (row - 0.5) * ROW;
        return (
          <g key={row}>
            <path
              d={`M4 ${middle} L8 ${y} H${right - 12} L${right} ${middle}`}
              fill="none"
              stroke={INK}
            />
            {places.map((place) => (
              <g key={place} transform={`translate(${20 + place * PITCH} ${y})`}>
                {cells === 'home-made' ? (
                  <g transform="scale(0.3)">
                    <FruitBody id="kiwi" />
                  </g>
                ) : (
                  <g>
                    <rect x="-9" y="-5" width="18" height="10" rx="2" fill={CARD} stroke={INK} />
                    <rect x="9" y="-2" width="2.5" height="4" fill={INK} />
                  </g>
                )}
              </g>
            ))}
          </g>
        );
      })}
      <circle cx={right + 12} cy={middle} r={9 + 6 * glow} fill={LIGHT} opacity={0.45 * glow} />
      <circle
        cx={right + 12}
        cy={middle}
        r="8"
        fill={glow === 0 ? CARD : LIGHT}
        fillOpacity={glow === 0 ? 1 : 0.2 + 0.8 * glow}
        stroke={glow === 0 ? RULE : INK}
      />
    </svg>
  );
}
