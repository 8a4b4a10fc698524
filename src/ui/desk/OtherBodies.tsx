import { SOFT_INK } from './DeskPatterns';

/** Bodies of the less usual cells, centred on the origin, about 60 wide, seen from the side. */

export function SpongeBody() {
  const holes: readonly (readonly [number, number, number])[] = [
    [-14, 2, 2.4],
    [-4, 10, 1.8],
    [6, -1, 2.2],
    [14, 9, 2.6],
    [-10, 14, 1.6],
    [1, 4, 1.4],
  ];
  return (
    <g>
      <rect
        x="-30"
        y="-9"
        width="60"
        height="30"
        rx="7"
        fill="#E8C766"
        stroke="#B28F2E"
        strokeWidth="1.6"
      />
      {holes.map(([x, y, radius]) => (
        <circle key={`${x} ${y}`} cx={x} cy={y} r={radius} fill="#C9A33F" />
      ))}
    </g>
  );
}

/** A wet towel between foil and charcoal, under a roof on spacers that lets the air in. */
export function TowelBody() {
  return (
    <g>
      <path d="M-31 -16 L0 -24 L31 -16" fill="none" stroke={SOFT_INK} strokeWidth="2" />
      <path d="M-27 -16 V2 M27 -16 V2" stroke={SOFT_INK} strokeWidth="1.4" />
      <rect x="-29" y="2" width="58" height="5" fill="#2B2F31" />
      <rect x="-29" y="7" width="58" height="8" fill="#E9E2D2" stroke="#B9AE97" strokeWidth="0.8" />
      <rect
        x="-29"
        y="15"
        width="58"
        height="4"
        fill="#C9CDCB"
        stroke="#8B918F"
        strokeWidth="0.8"
      />
    </g>
  );
}

/** A felt pouch, open at its carbon side. */
export function PouchBody() {
  return (
    <g>
      <path
        d="M-28 -12 H22 V22 H-28 Z"
        fill="#D9CBB0"
        stroke="#9A8760"
        strokeWidth="1.6"
        strokeLinejoin="round"
      />
      <path
        d="M-21 -5 H15 M-21 4 H15 M-21 13 H15"
        stroke="#B7A47C"
        strokeWidth="1.2"
        strokeDasharray="3 3"
      />
      <path
        d="M26 -9 q4 4 0 8 q-4 4 0 8 q4 4 0 8"
        fill="none"
        stroke={SOFT_INK}
        strokeWidth="1.4"
      />
    </g>
  );
}

/** A carbon rod wound with wet towel and, over it, turns of ribbon. */
export function RodBody({ plus, minus }: { plus: string; minus: string }) {
  const turns = [-19, -10, -1, 8, 17];
  return (
    <g>
      <rect x="-30" y="-9" width="60" height="18" rx="9" fill={plus} />
      <rect
        x="-25"
        y="-11"
        width="46"
        height="22"
        rx="4"
        fill="#E9E2D2"
        stroke="#B9AE97"
        strokeWidth="0.8"
      />
      {turns.map((x) => (
        <rect
          key={x}
          x={x - 2}
          y="-12"
          width="4.4"
          height="24"
          fill={minus}
          stroke="#6E7673"
          strokeWidth="0.5"
          transform={`rotate(12 ${x} 0)`}
        />
      ))}
      <path d="M-21 -13 V-29 M21 -9 V-29" stroke={SOFT_INK} strokeWidth="1.6" />
    </g>
  );
}

/** Two beakers of solution, joined by a bridge. */
export function VesselsBody() {
  return (
    <g strokeLinejoin="round">
      <path d="M-31 2 H-4 V22 H-31 Z" fill="#D9E2E6" />
      <path d="M4 2 H31 V22 H4 Z" fill="#7FB3D6" />
      <path
        d="M-31 -14 V22 H-4 V-14 M4 -14 V22 H31 V-14"
        fill="none"
        stroke={SOFT_INK}
        strokeWidth="1.6"
      />
      <path d="M-10 14 V-18 H10 V14" fill="none" stroke="#C9B98F" strokeWidth="4.5" />
    </g>
  );
}
