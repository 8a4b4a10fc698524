import { FruitBody } from '@/ui/desk/FruitBody';
import { CARD, INK, RULE } from '@/ui/desk/DeskPatterns';

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
