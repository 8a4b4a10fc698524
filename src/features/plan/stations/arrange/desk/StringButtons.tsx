'use client';

import ButtonBase from '@mui/material/ButtonBase';
import type { DeskGeometry } from '@/core/physics/desk/deskGeometry';

interface StringButtonsProps {
  readonly geometry: DeskGeometry;
  /** The string whose volts are drawn, from 0. */
  readonly shown: number;
  readonly onShow: (string: number) => void;
}

const LEFT = 2;
const WIDTH = 46;
/** Above and below the middle of the row; below there may stand the current of the string. */
const ABOVE = 18;
const BELOW = 28;

/** The names of the strings on the desk, to touch: the volts along the one that was touched are drawn below. */
export function StringButtons({ geometry, shown, onShow }: StringButtonsProps) {
  const { rows, width, height } = geometry;
  if (rows.length < 2) return null;
  const percent = (part: number, whole: number): string => `${(100 * part) / whole}%`;
  return rows.map(({ string, y }) =>
    string === null ? null : (
      <ButtonBase
        key={string}
        aria-label={`Volts along string ${string}`}
        title={`Volts along string ${string}`}
        aria-pressed={string - 1 === shown}
        onClick={() => onShow(string - 1)}
        sx={{
          position: 'absolute',
          left: percent(LEFT, width),
          width: percent(WIDTH, width),
          top: percent(y - ABOVE, height),
          height: percent(ABOVE + BELOW, height),
          borderRadius: 1,
          '&[aria-pressed=true]': { outline: '1.5px solid', outlineColor: 'divider' },
          '&:hover': { outline: '1.5px dotted', outlineColor: 'text.secondary' },
          '&:focus-visible': { outline: '2.5px solid', outlineColor: 'primary.main' },
        }}
      />
    ),
  );
}
