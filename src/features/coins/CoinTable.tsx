import Box from '@mui/material/Box';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { type Coin, useOfCoin, yearsOfCoin } from '@/core/physics/coins/coin';
import { formatNumber } from '@/core/units';
import type { Material } from '@/core/physics/cell/metals';
import { useId } from 'react';
import { DeskPatterns, INK, materialFill } from '@/ui/desk/DeskPatterns';

/** Coins with their measures and what they are good for; zinc ones stand out in words, not by colour alone. */
export function CoinTable({ coins }: { coins: readonly Coin[] }) {
  return (
    <Box sx={{ overflowX: 'auto' }}>
      <Table size="small" aria-label="Coins" data-testid="coin-table">
        <TableHead>
          <TableRow>
            <TableCell>Inside</TableCell>
            <TableCell>Coin</TableCell>
            <TableCell align="right">Ø × thickness</TableCell>
            <TableCell align="right">Mass</TableCell>
            <TableCell>Magnetic</TableCell>
            <TableCell>As +</TableCell>
            <TableCell>Sanding exposes</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {coins.map((coin) => (
            <CoinRow key={`${coin.name} ${yearsOfCoin(coin)} ${coin.core}`} coin={coin} />
          ))}
        </TableBody>
      </Table>
    </Box>
  );
}

function CoinRow({ coin }: { coin: Coin }) {
  const { plus, sanding, zincInside } = useOfCoin(coin);
  return (
    <TableRow>
      <TableCell sx={{ px: 0.5 }}>
        <CoinPicture coin={coin} />
      </TableCell>
      <TableCell>
        <strong>{coin.name}</strong>, {yearsOfCoin(coin)}
        {coin.remark === null ? null : (
          <Typography variant="caption" component="div" color="textSecondary">
            {coin.remark}
          </Typography>
        )}
      </TableCell>
      <TableCell align="right" sx={{ whiteSpace: 'nowrap' }}>
        {formatNumber(coin.diameterMillimetres, 4)} × {formatNumber(coin.thicknessMillimetres)} mm
      </TableCell>
      <TableCell align="right" sx={{ whiteSpace: 'nowrap' }}>
        {formatNumber(coin.grams)} g
      </TableCell>
      <TableCell>{coin.magnetic ? 'yes' : 'no'}</TableCell>
      <TableCell>{plus ?? 'no'}</TableCell>
      <TableCell sx={{ fontWeight: zincInside ? 700 : 400 }}>{sanding}</TableCell>
    </TableRow>
  );
}

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
