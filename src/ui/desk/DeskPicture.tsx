import type { StringState } from '@/core/physics/desk/deskNetwork';
import { looksOfCell } from '@/core/physics/desk/drawing/cellShapes';
import { useId } from 'react';
import type { Desk } from '@/core/physics/desk/desk';
import type { PlanTarget } from '@/core/records/plan/planSchema';
import { isLit, plusOfTarget } from '@/core/records/plan/targetWords';
import { formatAmps, formatOhms } from '@/core/units';
import { CellDrawing, Sign } from './CellDrawing';
import {
  loadWires,
  type DeskGeometry,
  type Lead,
  type PlacedCell,
} from '@/core/physics/desk/deskGeometry';
import { COPPER_FILL, DeskPatterns, HALO, INK, SOFT_INK } from './DeskPatterns';
import { deskWords } from './deskWords';
import { FaultMarks } from './FaultMarks';
import { LoadDrawing } from './LoadDrawing';
import { looksOfTarget } from '@/core/records/plan/targetLooks';
import { pinsOfLoad } from '@/core/physics/desk/drawing/loadShapes';
import { VoltageStairs } from './VoltageStairs';

export interface DeskPictureProps {
  readonly desk: Desk;
  readonly geometry: DeskGeometry;
  readonly strings: readonly StringState[];
  readonly target: PlanTarget;
  readonly loadName: string;
  readonly running: boolean;
  /** The string whose volts are drawn below, from 0. */
  readonly shownString?: number;
  readonly amps: number;
  /** The same battery after the wanted time; left out where one moment is shown. */
  readonly atEnd?: { readonly amps: number; readonly strings: readonly StringState[] };
  /** Resistor in series with the load. */
  readonly resistorOhms?: number | null;
  /** Size of the text against the usual one. */
  readonly textScale?: number;
}

/** Strings whose currents differ by less than this share count as equal. */
const EQUAL_SHARE = 0.01;

/** The battery as it stands on the desk, and under it the volts along one of its strings. */
export function DeskPicture(props: DeskPictureProps) {
  const { desk, geometry, strings, loadName, shownString = 0, textScale = 1 } = props;
  const prefix = useId();
  const string = Math.min(shownString, strings.length - 1);
  const shown = strings[string];
  return (
    <svg
      viewBox={`0 0 ${geometry.width} ${geometry.height}`}
      width="100%"
      style={{ display: 'block' }}
      role="img"
      aria-label={deskWords(desk, loadName, props.amps)}
      fontFamily="inherit"
      data-desk-picture
    >
      <DeskPatterns prefix={prefix} />
      <CellSymbols geometry={geometry} prefix={prefix} />
      <Buses geometry={geometry} />
      <Leads geometry={geometry} />
      <RowLabels geometry={geometry} strings={strings} textScale={textScale} />
      {geometry.cells.map((placed) => (
        <CellOnDesk
          key={placed.cell.name}
          placed={placed}
          geometry={geometry}
          href={`#${symbolOf(placed, prefix)}`}
        />
      ))}
      {geometry.endSigns.map(({ sign, x, y }) => (
        <Sign key={`${sign} ${y}`} sign={sign} x={x} y={y} />
      ))}
      <LoadSide {...props} />
      {shown === undefined ? null : (
        <VoltageStairs
          geometry={geometry}
          string={string}
          openVolts={shown.openVolts}
          loadedVolts={shown.loadedVolts}
          endVolts={props.atEnd?.strings[string]?.loadedVolts ?? null}
          loadName={loadName}
          textScale={textScale}
        />
      )}
    </svg>
  );
}

function symbolOf({ cell }: PlacedCell, prefix: string): string {
  const turned = cell.faults.some(({ kind }) => kind === 'reversed') ? '-turned' : '';
  const { id, plus, minus, look } = cell.recipe;
  const { pairs, extraPlus, extraMinus } = cell.size;
  return `${prefix}-${id}-${look}-${plus.material}-${minus.material}-${cell.body.id}-${cell.piece}-${pairs}-${extraPlus}-${extraMinus}${turned}`;
}

/** Every kind of cell is drawn once and placed many times: two hundred fruit stay quick. */
function CellSymbols({ geometry, prefix }: { geometry: DeskGeometry; prefix: string }) {
  const kinds = new Map(geometry.cells.map((placed) => [symbolOf(placed, prefix), placed.cell]));
  const signs = geometry.endSigns.length === 0;
  return (
    <defs>
      {[...kinds].map(([id, cell]) => {
        const turned = cell.faults.some(({ kind }) => kind === 'reversed');
        return (
          <g key={id} id={id}>
            <CellDrawing
              looks={looksOfCell(cell)}
              spacing={geometry.touching ? geometry.spacing : 60}
              patternPrefix={prefix}
              signs={signs}
              turned={turned}
              scale={geometry.touching ? 1 : geometry.scale}
            />
          </g>
        );
      })}
    </defs>
  );
}

function CellOnDesk({
  placed: { cell, x, y },
  geometry,
  href,
}: {
  placed: PlacedCell;
  geometry: DeskGeometry;
  href: string;
}) {
  const scale = geometry.touching ? 1 : geometry.scale;
  return (
    <g transform={`translate(${x} ${y}) scale(${scale})`}>
      <use href={href} />
      <FaultMarks faults={cell.faults} sharedBody={cell.sharedBody} />
    </g>
  );
}

function Buses({ geometry }: { geometry: DeskGeometry }) {
  const { rows, leftBusX, rightBusX, groupBuses } = geometry;
  const top = rows[0]?.y ?? 0;
  const bottom = rows.at(-1)?.y ?? 0;
  return (
    <g strokeWidth="5" strokeLinecap="round">
      {top === bottom ? null : (
        <>
          <path
            d={`M${leftBusX} ${top - 16} V${bottom - 16}`}
            stroke="var(--mui-palette-secondary-main)"
          />
          <path d={`M${rightBusX} ${top - 16} V${bottom - 16}`} stroke={COPPER_FILL} />
        </>
      )}
      {groupBuses.map((bus) => (
        <path
          key={`${bus.x} ${bus.top}`}
          d={`M${bus.x} ${bus.top} V${bus.bottom}`}
          stroke={INK}
          strokeWidth="2.4"
        />
      ))}
    </g>
  );
}

function Leads({ geometry }: { geometry: DeskGeometry }) {
  const path = ({ fromX, toX, y, kind, busY }: Lead): string => {
    if (kind === 'to-bus') return `M${fromX} ${busY} L${toX} ${y}`;
    const lift = Math.min(24, Math.abs(toX - fromX) / 2) * geometry.scale;
    return `M${fromX} ${y} Q${(fromX + toX) / 2} ${y - lift} ${toX} ${y}`;
  };
  return <path d={geometry.leads.map(path).join(' ')} fill="none" stroke={INK} strokeWidth="1.8" />;
}

interface RowLabelsProps {
  readonly geometry: DeskGeometry;
  readonly strings: readonly StringState[];
  readonly textScale: number;
}

function RowLabels({ geometry, strings, textScale }: RowLabelsProps) {
  const currents = strings.map(({ amps }) => amps);
  const most = Math.max(...currents);
  const unequal = most - Math.min(...currents) > EQUAL_SHARE * Math.abs(most);
  return (
    <>
      {geometry.rows.map(({ string, label, y }) =>
        string === null ? (
          <text
            key={label}
            x={(geometry.leftBusX + geometry.rightBusX) / 2}
            y={y + 4}
            fontSize={13 * textScale}
            textAnchor="middle"
            fill={SOFT_INK}
          >
            … {label} …
          </text>
        ) : (
          <g key={label} textAnchor="middle">
            <text x="24" y={y - 4} fontSize={11 * textScale} fill={SOFT_INK}>
              string
            </text>
            <text
              x="24"
              y={y - 4 + 15 * textScale}
              fontSize={13 * textScale}
              fontWeight="700"
              fill={INK}
            >
              {label}
            </text>
            {unequal ? (
              <text
                x="26"
                y={y + 25}
                fontSize="10.5"
                fontWeight="700"
                fill={
                  (currents[string - 1] ?? 0) < 0 ? 'var(--mui-palette-error-main)' : COPPER_FILL
                }
              >
                {formatAmps(currents[string - 1] ?? 0)}
              </text>
            ) : null}
          </g>
        ),
      )}
    </>
  );
}

function LoadSide(props: DeskPictureProps) {
  const { geometry, desk, target, running, amps, atEnd, textScale = 1 } = props;
  const { resistorOhms = null } = props;
  const { loadX, loadY, returnY } = geometry;
  const pins = pinsOfLoad(looksOfTarget(target));
  const turned = desk.loadReversed ? { plus: pins.minus, minus: pins.plus } : pins;
  const wires = loadWires(geometry, turned);
  // Beside one string the + wire runs where the hint would stand: then it stands below.
  const hintY = loadY + turned.plus[1] > returnY - 18 ? returnY + 13 : returnY - 5;
  return (
    <g>
      <g fill="none" strokeWidth="2" strokeLinejoin="round">
        <path d={wires.plus} stroke={COPPER_FILL} />
        <path d={wires.minus} stroke="var(--mui-palette-secondary-main)" />
      </g>
      {resistorOhms === null ? null : <SeriesResistor {...wires.resistor} ohms={resistorOhms} />}
      <g transform={`translate(${loadX} ${loadY})`}>
        <LoadDrawing target={target} litAmps={amps} running={running} />
      </g>
      <text
        x={loadX + 4}
        y={loadY - (atEnd === undefined ? 44 : 56)}
        fontSize={13 * textScale}
        fontWeight="700"
        textAnchor="middle"
        fill="var(--mui-palette-warning-main)"
        {...HALO}
      >
        {formatAmps(amps)}
      </text>
      {atEnd === undefined ? null : (
        <text
          x={loadX + 4}
          y={loadY - 42}
          fontSize={11 * textScale}
          textAnchor="middle"
          fill={SOFT_INK}
          {...HALO}
        >
          {formatAmps(atEnd.amps)} at the end
        </text>
      )}
      <text
        x={loadX + 2}
        y={hintY}
        fontSize={11 * textScale}
        textAnchor="end"
        fill={desk.loadReversed ? 'var(--mui-palette-error-main)' : SOFT_INK}
        {...HALO}
      >
        {hintOf(target, desk.loadReversed)}
      </text>
    </g>
  );
}

/** A resistor in the + wire, with its value. */
function SeriesResistor({ x, y, ohms }: { x: number; y: number; ohms: number }) {
  return (
    <g transform={`translate(${x} ${y})`}>
      <rect
        x="-13"
        y="-5"
        width="26"
        height="10"
        rx="2.5"
        fill="var(--mui-palette-background-paper)"
        stroke={INK}
        strokeWidth="1.6"
      />
      <text y="-10" fontSize="11" fontWeight="700" textAnchor="middle" fill={INK}>
        {formatOhms(ohms)}
      </text>
    </g>
  );
}

function hintOf(target: PlanTarget, reversed: boolean): string {
  const plus = plusOfTarget(target);
  if (plus === null) return '';
  return isLit(target) && reversed ? `${plus} to −: turned round` : `${plus} to +`;
}
