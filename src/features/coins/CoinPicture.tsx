import type { Material } from '@/core/physics/cell/metals';
import { useId } from 'react';
import type { Coin } from '@/core/physics/coins/coin';
import { DeskPatterns, INK, materialFill } from '@/ui/desk/DeskPatterns';

const CORE: Readonly<Record<Coin['core'], Material>> = {
  bronze: 'copper',
  zinc: 'zinc',
  steel: 'steel',
  cupronickel: 'nickel',
  nickel: 'nickel',
  'clad copper': 'copper',
  'aluminium bronze': 'copper',
  'nordic gold': 'copper',
  'two metals': 'nickel',
};

/** A coin cut through, one face sanded: the skin above, the core below. */
export function CoinPicture({ coin }: { coin: Coin }) {
  const prefix = useId();
  const width = 2 * coin.diameterMillimetres;
  const height = 9;
  const clad: Material | null = coin.core === 'clad copper' ? 'nickel' : coin.plating;
  return (
    <svg viewBox="-30 -8 60 16" width="60" height="16" aria-hidden="true">
      <DeskPatterns prefix={prefix} />
      <g stroke={INK} strokeWidth="0.6">
        <rect
          x={-width / 2}
          y={-height / 2}
          width={width}
          height={height}
          rx="1"
          fill={materialFill(CORE[coin.core], prefix)}
        />
        {clad === null ? null : (
          <rect
            x={-width / 2}
            y={-height / 2}
            width={width}
            height={2.6}
            rx="1"
            fill={materialFill(clad, prefix)}
          />
        )}
      </g>
    </svg>
  );
}
