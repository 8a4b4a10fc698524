import type { MeterSetting } from '@/core/work/guide/guideStep';

export const METER_WIDTH = 190;
export const METER_HEIGHT = 92;

const SOCKETS = ['10 A', 'mA', 'COM', 'VΩ'] as const;
const INK = 'var(--mui-palette-text-primary)';
const RED = 'var(--mui-palette-error-main)';

/** Where a lead leaves the meter, counted from its upper left corner. */
export function socketAt(socket: (typeof SOCKETS)[number]): readonly [x: number, y: number] {
  return [26 + SOCKETS.indexOf(socket) * 46, METER_HEIGHT - 12];
}

/** A hand meter: the knob points to the range, the sockets in use are filled. */
export function MeterDrawing({ range, socket }: MeterSetting) {
  return (
    <g fontFamily="inherit" fontSize="12" textAnchor="middle">
      <rect
        width={METER_WIDTH}
        height={METER_HEIGHT}
        rx="9"
        fill="var(--mui-palette-background-paper)"
        stroke={INK}
        strokeWidth="1.4"
      />
      <rect x="10" y="9" width="82" height="28" rx="4" fill="#CBD5C0" stroke={INK} />
      <text x="51" y="28" fontSize="13" fill="#20292E">
        {socket === 'VΩ'
          ? 'V DC'
          : range.includes('µ')
            ? 'µA DC'
            : range === '10 A'
              ? 'A DC'
              : 'mA DC'}
      </text>
      <circle cx="122" cy="25" r="15" fill="none" stroke={INK} strokeWidth="1.4" />
      <path d="M122 25 L134 16" stroke={INK} strokeWidth="3.2" strokeLinecap="round" />
      <text x="141" y="16" fontSize="12" fontWeight="700" textAnchor="start" fill={INK}>
        {range}
      </text>
      {SOCKETS.map((name) => {
        const [x, y] = socketAt(name);
        const colour = name === socket ? RED : name === 'COM' ? INK : 'none';
        return (
          <g key={name}>
            <text
              x={x}
              y={y - 13}
              fill={colour === 'none' ? 'var(--mui-palette-text-secondary)' : INK}
              fontWeight={colour === 'none' ? 400 : 700}
            >
              {name}
            </text>
            <circle cx={x} cy={y} r="6" fill={colour} stroke={INK} strokeWidth="1.2" />
          </g>
        );
      })}
    </g>
  );
}
