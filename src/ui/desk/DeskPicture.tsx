import { useId } from 'react';
import type { BrightnessBand } from '@/core/circuit/brightness';
import type { PlanTarget } from '@/core/plan/planSchema';
import { formatAmps } from '@/core/units';
import { CellDrawing, type CellLooks, TERMINAL_X, TERMINAL_Y } from './CellDrawing';
import { deskGeometry, type DeskGeometry, type DeskRow } from './deskGeometry';
import { COPPER_FILL, DeskPatterns, INK, SOFT_INK } from './DeskPatterns';
import { LoadDrawing, pinsOf } from './LoadDrawing';
import { VoltageStairs } from './VoltageStairs';

export interface DeskPictureProps extends CellLooks {
  readonly bodyName: string;
  readonly cellsInSeries: number;
  readonly strings: number;
  readonly target: PlanTarget;
  readonly loadName: string;
  readonly brightness: BrightnessBand | null;
  readonly running: boolean;
  readonly amps: number;
  readonly openVolts: number;
  readonly loadedVolts: number;
}

/** The battery as it stands on the desk, and under it the volts along its first string. */
export function DeskPicture(props: DeskPictureProps) {
  const { look, plus, minus, bodyId, cellsInSeries, strings } = props;
  const { openVolts, loadedVolts, loadName } = props;
  const patternPrefix = useId();
  const geometry = deskGeometry(look, cellsInSeries, strings);
  const stepsTo = (end: number): number[] =>
    Array.from({ length: cellsInSeries }, (_, index) => (end * (index + 1)) / cellsInSeries);
  return (
    <svg
      viewBox={`0 0 ${geometry.width} ${geometry.height}`}
      width="100%"
      style={{ display: 'block', minWidth: geometry.width * 0.8, maxHeight: 480 }}
      role="img"
      aria-label={pictureLabel(props)}
      fontFamily="inherit"
    >
      <DeskPatterns prefix={patternPrefix} />
      <defs>
        {/* Drawn once and placed many times: two hundred fruit stay quick. */}
        <g id={`${patternPrefix}-cell`}>
          <CellDrawing
            look={look}
            plus={plus}
            minus={minus}
            bodyId={bodyId}
            spacing={geometry.spacing}
            patternPrefix={patternPrefix}
            signs={look !== 'pile' || geometry.spacing >= 30}
          />
        </g>
      </defs>
      <Buses geometry={geometry} />
      {geometry.rows.map((row) => (
        <StringRow
          key={row.label}
          row={row}
          geometry={geometry}
          patternPrefix={patternPrefix}
          {...props}
        />
      ))}
      <LoadSide geometry={geometry} {...props} />
      <VoltageStairs
        geometry={geometry}
        openVolts={stepsTo(openVolts)}
        loadedVolts={stepsTo(loadedVolts)}
        loadName={loadName}
      />
    </svg>
  );
}

function pictureLabel({
  bodyName,
  plus,
  minus,
  cellsInSeries,
  strings,
  loadName,
  amps,
}: DeskPictureProps): string {
  const side = strings === 1 ? 'one string' : `${strings} strings side by side`;
  return `Desk picture: ${side}, each ${cellsInSeries} × ${bodyName} in series, ${minus} (−) on the left and ${plus} (+) on the right of every cell, feeding the ${loadName} with ${formatAmps(amps)}.`;
}

function Buses({ geometry }: { geometry: DeskGeometry }) {
  const { rows, leftBusX, rightBusX } = geometry;
  const top = rows[0]?.y ?? 0;
  const bottom = rows.at(-1)?.y ?? 0;
  if (top === bottom) return null;
  return (
    <g strokeWidth="5" strokeLinecap="round">
      <path
        d={`M${leftBusX} ${top - 16} V${bottom - 16}`}
        stroke="var(--mui-palette-secondary-main)"
      />
      <path d={`M${rightBusX} ${top - 16} V${bottom - 16}`} stroke={COPPER_FILL} />
    </g>
  );
}

function StringRow({
  row,
  geometry,
  patternPrefix,
  look,
}: DeskPictureProps & { row: DeskRow; geometry: DeskGeometry; patternPrefix: string }) {
  const { cellX, leftBusX, rightBusX, scale } = geometry;
  if (row.string === null) {
    return (
      <text
        x={(leftBusX + rightBusX) / 2}
        y={row.y + 4}
        fontSize="13"
        textAnchor="middle"
        fill={SOFT_INK}
      >
        … {row.label} …
      </text>
    );
  }
  const wireY = look === 'pile' ? row.y : row.y + TERMINAL_Y * scale + 6;
  return (
    <g>
      <text x="24" y={row.y - 4} fontSize="11" textAnchor="middle" fill={SOFT_INK}>
        string
      </text>
      <text x="24" y={row.y + 11} fontSize="13" fontWeight="700" textAnchor="middle" fill={INK}>
        {row.label}
      </text>
      <Wires geometry={geometry} look={look} wireY={wireY} rowY={row.y} />
      {cellX.map((x, index) => (
        <use
          key={index}
          href={`#${patternPrefix}-cell`}
          transform={`translate(${x} ${row.y}) scale(${look === 'pile' ? 1 : scale})`}
        />
      ))}
    </g>
  );
}

function Wires({
  geometry,
  look,
  wireY,
  rowY,
}: {
  geometry: DeskGeometry;
  look: DeskPictureProps['look'];
  wireY: number;
  rowY: number;
}) {
  const { cellX, leftBusX, rightBusX, scale, spacing } = geometry;
  const reach = look === 'pile' ? spacing / 2 : TERMINAL_X * scale;
  const first = cellX[0] ?? leftBusX;
  const last = cellX.at(-1) ?? rightBusX;
  const busY = rowY - 16;
  const links = cellX.slice(0, -1).map((x, index) => {
    const from = x + reach;
    const to = (cellX[index + 1] ?? x) - reach;
    return `M${from} ${wireY} Q${(from + to) / 2} ${wireY - 24 * scale} ${to} ${wireY}`;
  });
  return (
    <g fill="none" stroke={INK} strokeWidth="1.8">
      <path d={`M${leftBusX} ${busY} L${first - reach} ${wireY}`} />
      {look === 'pile' ? null : <path d={links.join(' ')} />}
      <path d={`M${last + reach} ${wireY} L${rightBusX} ${busY}`} />
    </g>
  );
}

function LoadSide({
  geometry,
  target,
  brightness,
  running,
  amps,
}: DeskPictureProps & { geometry: DeskGeometry }) {
  const { leftBusX, rightBusX, loadX, loadY, returnY, rows } = geometry;
  const top = (rows[0]?.y ?? 0) - 16;
  const bottom = (rows.at(-1)?.y ?? 0) - 16;
  const wireY = Math.min(Math.max(loadY, top), bottom);
  const { plus, minus } = pinsOf(target);
  const plusPath = `M${rightBusX} ${wireY} H${loadX - 46} V${loadY + plus[1]} H${loadX + plus[0]}`;
  const minusPath = `M${loadX + minus[0]} ${loadY + minus[1]} V${returnY} H${leftBusX} V${bottom}`;
  return (
    <g>
      <g fill="none" strokeWidth="2" strokeLinejoin="round">
        <path d={plusPath} stroke={COPPER_FILL} />
        <path d={minusPath} stroke="var(--mui-palette-secondary-main)" />
      </g>
      <g transform={`translate(${loadX} ${loadY})`}>
        <LoadDrawing target={target} brightness={brightness} running={running} />
      </g>
      <text
        x={loadX + 4}
        y={loadY - 44}
        fontSize="13"
        fontWeight="700"
        textAnchor="middle"
        fill="var(--mui-palette-warning-main)"
      >
        {formatAmps(amps)}
      </text>
      <text x={loadX + 2} y={returnY - 5} fontSize="11" textAnchor="end" fill={SOFT_INK}>
        {target.kind === 'led' ? 'long leg to +' : target.kind === 'device' ? '+ to copper' : ''}
      </text>
    </g>
  );
}
