import { useId, type ReactNode } from 'react';
import { COPPER_FILL, DeskPatterns, INK, materialFill, SOFT_INK } from '@/ui/desk/DeskPatterns';
import type { PLACES } from '@/ui/jump/places';

type Tool = (typeof PLACES)[number]['href'];

/** What a tool is about, small, in the style of the desk: zinc hatched, copper plain. */
export function ToolPicture({ tool }: { tool: Tool }) {
  const prefix = useId();
  const zinc = materialFill('zinc', prefix);
  return (
    <svg
      viewBox="0 0 48 40"
      width="48"
      height="40"
      aria-hidden="true"
      style={{ flexShrink: 0 }}
      fill="none"
      stroke={INK}
      strokeWidth="1.4"
      strokeLinecap="round"
      strokeLinejoin="round"
    >
      <DeskPatterns prefix={prefix} />
      {PICTURES[tool](zinc)}
    </svg>
  );
}

const JUICE = '#E3A2A0';
const PALE = '#E9DCC0';
const SOLUTION = '#7FB3D6';

const strip = (x: number, y: number, height: number, fill: string): ReactNode => (
  <rect key={`${x} ${y}`} x={x} y={y} width="5" height={height} fill={fill} stroke="none" />
);

const PICTURES: Readonly<Record<Tool, (zinc: string) => ReactNode>> = {
  '/cupboard': (zinc) => (
    <>
      <rect x="6" y="3" width="36" height="34" rx="2" />
      <path d="M6 20 H42" />
      <path d="M12 19 V10 H20 V19 Z" fill={JUICE} />
      <ellipse cx="32" cy="14" rx="6" ry="5" fill="#A8C65A" />
      {strip(13, 25, 11, zinc)}
      {strip(21, 25, 11, COPPER_FILL)}
      {strip(29, 25, 11, zinc)}
    </>
  ),
  '/school': () => (
    <>
      <path d="M5 35 H43" />
      <path d="M24 4 V35" stroke={COPPER_FILL} strokeDasharray="3 3" />
      <g fill={SOFT_INK} stroke="none">
        {[
          [12, 31],
          [18, 31],
          [18, 25],
          [24, 31],
          [24, 25],
          [24, 19],
          [30, 31],
          [30, 25],
          [37, 31],
        ].map(([x, y]) => (
          <circle key={`${x} ${y}`} cx={x} cy={y} r="2.5" />
        ))}
      </g>
    </>
  ),
  '/recipes': (zinc) => (
    <>
      <rect x="7" y="3" width="34" height="34" rx="3" />
      <ellipse cx="18" cy="16" rx="7" ry="6" fill="#A8C65A" />
      {strip(12, 8, 9, zinc)}
      {strip(20, 8, 9, COPPER_FILL)}
      <path d="M30 11 H36 M30 17 H36 M13 28 H36 M13 32 H29" stroke={SOFT_INK} />
    </>
  ),
  '/fair-tests': (zinc) => (
    <>
      <path d="M5 35 H43" />
      <rect x="9" y="17" width="8" height="18" fill={zinc} />
      <rect x="20" y="8" width="8" height="27" fill={COPPER_FILL} />
      <rect x="31" y="23" width="8" height="12" fill={PALE} />
    </>
  ),
  '/reality-check': () => (
    <>
      <path d="M24 6 V34 M16 35 H32 M8 12 L40 8" />
      <path d="M8 12 L3 24 H13 Z" fill={PALE} />
      <path d="M40 8 L35 20 H45 Z" fill={COPPER_FILL} />
    </>
  ),
  '/drill': () => (
    <>
      <path d="M3 27 H15 L20 22 M26 27 H45" stroke={COPPER_FILL} strokeWidth="2.2" />
      <circle cx="23" cy="18" r="12" />
      <path d="M32 27 L40 36" strokeWidth="3" />
    </>
  ),
  '/series-or-parallel': (zinc) => (
    <>
      {strip(6, 5, 10, zinc)}
      {strip(13, 5, 10, COPPER_FILL)}
      {strip(30, 5, 10, zinc)}
      {strip(37, 5, 10, COPPER_FILL)}
      <path d="M18 8 H30" />
      {strip(18, 20, 7, zinc)}
      {strip(25, 20, 7, COPPER_FILL)}
      {strip(18, 31, 7, zinc)}
      {strip(25, 31, 7, COPPER_FILL)}
      <path d="M18 23 H12 V34 H18 M30 23 H36 V34 H30" />
    </>
  ),
  '/metals': (zinc) => (
    <>
      <path d="M10 3 V37" />
      <rect x="10" y="28" width="26" height="6" fill={zinc} />
      <rect x="10" y="17" width="18" height="6" fill={PALE} />
      <rect x="10" y="6" width="32" height="6" fill={COPPER_FILL} />
    </>
  ),
  '/coins': () => (
    <>
      {[29, 22, 15].map((y) => (
        <g key={y}>
          <path d={`M8 ${y} V${y + 5} A14 4 0 0 0 36 ${y + 5} V${y} Z`} fill={COPPER_FILL} />
          <ellipse cx="22" cy={y} rx="14" ry="4" fill={COPPER_FILL} />
        </g>
      ))}
      <circle cx="37" cy="11" r="7" fill={PALE} />
    </>
  ),
  '/mixing': () => (
    <>
      <path d="M11 20 L13 35 H33 L35 20 Z" fill={SOLUTION} stroke="none" />
      <path d="M9 8 L13 36 H33 L37 8" />
      <path d="M27 27 L41 5" strokeWidth="2" />
      <ellipse cx="25.5" cy="29" rx="3" ry="4.5" fill={PALE} transform="rotate(32 25.5 29)" />
    </>
  ),
  '/safekeeping': () => (
    <>
      <path d="M6 17 H42 V36 H6 Z M6 17 L11 10 H18 M42 17 L37 10 H30" />
      <path d="M24 3 V24 M18 18 L24 25 L30 18" stroke={COPPER_FILL} strokeWidth="2.4" />
      <path d="M15 31 H33" stroke={SOFT_INK} />
    </>
  ),
  '/two-solutions': (zinc) => (
    <>
      <path d="M4 22 H20 V36 H4 Z" fill="#D9E2E6" stroke="none" />
      <path d="M28 22 H44 V36 H28 Z" fill={SOLUTION} stroke="none" />
      <path d="M4 13 V36 H20 V13 M28 13 V36 H44 V13" />
      <path d="M16 30 V9 H32 V30" stroke="#C9B98F" strokeWidth="3.5" />
      {strip(7, 6, 24, zinc)}
      {strip(36, 6, 24, COPPER_FILL)}
    </>
  ),
};
