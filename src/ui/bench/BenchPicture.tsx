import { useId } from 'react';
import { TERMINAL_X, TERMINAL_Y } from '@/core/physics/desk/drawing/cellShapes';
import {
  sceneWords,
  type BenchScene,
  type PlaceLooks,
  type StringScene,
} from '@/core/work/guide/benchScene';
import type { MeterSetting } from '@/core/work/guide/guideStep';
import type { GroupFacts } from '@/core/work/guide/stairs';
import { CellDrawing } from '../desk/CellDrawing';
import { DeskPatterns } from '../desk/DeskPatterns';
import { BatteryDrawing, batteryLayout, type Layout, type Place } from './BatteryDrawing';
import { METER_HEIGHT, METER_WIDTH, MeterDrawing, socketAt } from './MeterDrawing';

const INK = 'var(--mui-palette-text-primary)';
const SOFT = 'var(--mui-palette-text-secondary)';
const RED = 'var(--mui-palette-error-main)';
const NEW = 'var(--mui-palette-primary-main)';
const SPACING = 84;
const SIDE = 34;
/** Room above the cells for leads, and the meter where something is measured. */
const LEAD_ROOM = 30;
const UNDER = 46;

interface BenchPictureProps {
  readonly scene: BenchScene;
  /** `null` where nothing is measured with it. */
  readonly meter: MeterSetting | null;
  readonly facts: Pick<GroupFacts, 'looks' | 'target' | 'device' | 'seriesResistorOhms'>;
}

/** The battery as it stands at a step: its cells, its leads, the new one marked, and the meter with both probes. */
export function BenchPicture({ scene, meter, facts }: BenchPictureProps) {
  const prefix = useId();
  const drawn = scene.kind === 'string' ? stringLayout(scene) : batteryLayout(scene, facts);
  const metered = meter !== null && scene.probes !== null;
  const top = metered ? METER_HEIGHT + 26 : 0;
  const width = Math.max(drawn.width, metered ? METER_WIDTH + 20 : 0);
  const height = top + drawn.height;
  const left = (width - drawn.width) / 2;
  const meterLeft = (width - METER_WIDTH) / 2;
  const { probes } = drawn;
  // To a device the probes come from its sides: from above they would lie across it.
  const atDevice = scene.kind === 'battery' && scene.probes === 'device';
  const inSeries = scene.kind === 'battery' && scene.probes === 'in-series';
  const lead = (
    socket: Parameters<typeof socketAt>[0],
    to: Place,
    side: 1 | -1,
    sideways: number,
  ): string => {
    const [x, y] = socketAt(socket);
    const from = [meterLeft + x, y + 6] as const;
    const end = [left + to[0], top + to[1]] as const;
    const before = [end[0] + side * sideways, end[1] - (sideways > 0 ? 4 : 40)] as const;
    return `M${from[0]} ${from[1]} C${from[0] + side * sideways} ${from[1] + 34} ${before[0]} ${before[1]} ${end[0]} ${end[1]}`;
  };
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      role="img"
      aria-label={sceneWords(scene, facts.device)}
      fontFamily="inherit"
      fontSize="12.5"
      style={{ maxWidth: Math.min(width * 1.15, 560), display: 'block' }}
    >
      <DeskPatterns prefix={prefix} />
      <g transform={`translate(${left} ${top})`}>
        {scene.kind === 'string' ? (
          <StringDrawing
            scene={scene}
            looks={facts.looks[scene.string - 1] ?? []}
            prefix={prefix}
          />
        ) : (
          <BatteryDrawing scene={scene} facts={facts} prefix={prefix} />
        )}
      </g>
      {metered && probes !== null ? (
        <>
          <g transform={`translate(${meterLeft} 0)`}>
            <MeterDrawing {...meter} />
          </g>
          <g fill="none" strokeWidth="2.6" strokeLinecap="round">
            <path
              d={lead('COM', probes.black, inSeries ? 1 : -1, atDevice || inSeries ? 84 : 0)}
              stroke={INK}
            />
            <path d={lead(meter.socket, probes.red, 1, atDevice ? 84 : 0)} stroke={RED} />
          </g>
          {[
            { at: probes.black, colour: INK, name: 'black', side: inSeries ? 1 : -1 },
            { at: probes.red, colour: RED, name: 'red', side: 1 },
          ].map(({ at, colour, name, side }) => {
            const aside = atDevice || (inSeries && name === 'black');
            return (
              <g key={name}>
                <circle cx={left + at[0]} cy={top + at[1]} r="3.6" fill={colour} />
                <text
                  x={left + at[0] + side * (aside ? 34 : 7)}
                  y={top + at[1] - (aside ? 25 : 5)}
                  textAnchor={side > 0 ? 'start' : 'end'}
                  fontWeight="700"
                  fill={colour}
                >
                  {name}
                </text>
              </g>
            );
          })}
        </>
      ) : null}
    </svg>
  );
}

const cellX = (index: number): number => SIDE + SPACING / 2 + index * SPACING;
const CELL_Y = LEAD_ROOM + 34;
const TOP_Y = CELL_Y + TERMINAL_Y;

function stringLayout({ places, probes, endsJoined }: StringScene): Layout {
  const at = (place: number): number => cellX(places.indexOf(place));
  return {
    width: 2 * SIDE + places.length * SPACING,
    height: CELL_Y + UNDER + (endsJoined ? 18 : 0),
    probes:
      probes === null
        ? null
        : {
            red: [at(probes.plus) + TERMINAL_X, TOP_Y],
            black: [at(probes.minus) - TERMINAL_X, TOP_Y],
          },
  };
}

function StringDrawing(props: {
  readonly scene: StringScene;
  readonly looks: readonly PlaceLooks[];
  readonly prefix: string;
}) {
  const { scene, looks, prefix } = props;
  const { places, newLeadTo, lifted, alone, endsJoined, marked } = scene;
  const markedX =
    marked === null ? 0 : cellX(places.indexOf(marked.cell)) + (marked.lead ? SPACING / 2 : 0);
  const isOff = (place: number): boolean => alone === place || alone === place - 1;
  return (
    <g>
      {places.map((place, index) => {
        const cell = looks[place - 1];
        if (cell === undefined) return null;
        const before = places[index - 1];
        const gap = before !== undefined && before !== place - 1;
        return (
          <g key={place}>
            {before === undefined || isOff(place) ? null : (
              <Lead
                from={cellX(index - 1) + TERMINAL_X}
                to={cellX(index) - TERMINAL_X}
                isNew={newLeadTo === place}
                dashed={gap}
                isMarked={marked?.lead === true && marked.cell === before}
              />
            )}
            {lifted === place ? (
              <Lead
                from={cellX(index) - TERMINAL_X}
                to={cellX(index) + TERMINAL_X}
                isNew
                dashed={false}
              />
            ) : null}
            <g
              transform={`translate(${cellX(index)} ${CELL_Y})`}
              opacity={lifted === place ? 0.28 : 1}
            >
              <CellDrawing looks={cell} spacing={54} patternPrefix={prefix} signs={false} />
            </g>
            <text x={cellX(index)} y={CELL_Y + 40} textAnchor="middle" fill={INK}>
              {place}
              {cell.sideBySide > 1 ? ` (${cell.sideBySide} side by side)` : ''}
            </text>
            <text x={cellX(index) - TERMINAL_X - 9} y={TOP_Y + 9} textAnchor="middle" fill={SOFT}>
              −
            </text>
            <text x={cellX(index) + TERMINAL_X + 9} y={TOP_Y + 9} textAnchor="middle" fill={SOFT}>
              +
            </text>
          </g>
        );
      })}
      {marked === null ? null : (
        <g fill={RED} fontWeight="700" textAnchor="middle">
          {marked.lead ? null : (
            <circle cx={markedX} cy={CELL_Y} r="40" fill="none" stroke={RED} strokeWidth="3" />
          )}
          <text x={markedX} y="12">
            {marked.lead ? 'this lead' : 'this cell'}
          </text>
        </g>
      )}
      {newLeadTo === null ? null : (
        <text
          x={(cellX(places.indexOf(newLeadTo) - 1) + cellX(places.indexOf(newLeadTo))) / 2}
          y="12"
          textAnchor="middle"
          fontWeight="700"
          fill={NEW}
        >
          new lead
        </text>
      )}
      {endsJoined ? (
        <path
          d={`M${cellX(0) - TERMINAL_X} ${TOP_Y} C${cellX(0) - 92} ${CELL_Y + 84} ${cellX(places.length - 1) + 92} ${CELL_Y + 84} ${cellX(places.length - 1) + TERMINAL_X} ${TOP_Y}`}
          fill="none"
          stroke={NEW}
          strokeWidth="3"
        />
      ) : null}
    </g>
  );
}

/** A clip lead from one terminal to the next. */
function Lead(props: {
  readonly from: number;
  readonly to: number;
  readonly isNew: boolean;
  readonly dashed: boolean;
  readonly isMarked?: boolean;
}) {
  const { from, to, isNew, dashed, isMarked = false } = props;
  return (
    <path
      d={`M${from} ${TOP_Y} C${from + 6} ${TOP_Y - 24} ${to - 6} ${TOP_Y - 24} ${to} ${TOP_Y}`}
      fill="none"
      stroke={isMarked ? RED : isNew ? NEW : INK}
      strokeWidth={isMarked || isNew ? 3.6 : 1.8}
      {...(isMarked ? { strokeDasharray: '7 5' } : {})}
      {...(dashed ? { strokeDasharray: '3 4' } : {})}
    />
  );
}
