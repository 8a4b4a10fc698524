import type { Material } from '@/core/physics/cell/metals';

export const COPPER_FILL = 'var(--mui-palette-primary-main)';
export const INK = 'var(--mui-palette-text-primary)';
export const SOFT_INK = 'var(--mui-palette-text-secondary)';
/** Figures stay legible where a line passes behind them. */
export const HALO = {
  paintOrder: 'stroke',
  stroke: 'var(--mui-palette-background-paper)',
  strokeWidth: 3,
  strokeLinejoin: 'round',
} as const;
export const RULE = 'var(--mui-palette-divider)';
export const CARD = 'var(--mui-palette-background-paper)';
const ZINC = 'var(--mui-palette-secondary-main)';
/** Colours of metals as they look; the hatch tells them apart without colour. */
const PALE_METAL = '#C9CDCB';
const CARBON = '#2B2F31';
const STEEL = '#8D9498';

/** Metals told apart without colour: copper and nickel plain, zinc hatched, light metals hatched the other way, steel both ways, carbon dotted. */
export function DeskPatterns({ prefix }: { prefix: string }) {
  return (
    <defs>
      <Hatch id={`${prefix}-zinc`} ground={ZINC} line={CARD} angle={-45} />
      <Hatch id={`${prefix}-light`} ground={PALE_METAL} line="#6E7673" angle={45} />
      <Hatch id={`${prefix}-steel`} ground={STEEL} line={CARD} angle={45} crossed />
      <pattern id={`${prefix}-carbon`} width="5" height="5" patternUnits="userSpaceOnUse">
        <rect width="5" height="5" fill={CARBON} />
        <circle cx="1.4" cy="1.4" r="0.8" fill="#B9BDBA" />
        <circle cx="3.9" cy="3.9" r="0.8" fill="#B9BDBA" />
      </pattern>
    </defs>
  );
}

/** Fill of a metal by colour and pattern; `prefix` names the picture's own patterns. */
export function materialFill(material: Material, prefix: string): string {
  switch (material) {
    case 'copper':
      return COPPER_FILL;
    case 'nickel':
      return PALE_METAL;
    case 'zinc':
      return `url(#${prefix}-zinc)`;
    case 'carbon':
      return `url(#${prefix}-carbon)`;
    case 'steel':
      return `url(#${prefix}-steel)`;
    case 'aluminium':
    case 'magnesium':
      return `url(#${prefix}-light)`;
  }
}

interface HatchProps {
  readonly id: string;
  readonly ground: string;
  readonly line: string;
  readonly angle: number;
  /** Both ways. */
  readonly crossed?: boolean;
}

function Hatch({ id, ground, line, angle, crossed = false }: HatchProps) {
  return (
    <pattern
      id={id}
      width="5"
      height="5"
      patternUnits="userSpaceOnUse"
      patternTransform={`rotate(${angle})`}
    >
      <rect width="5" height="5" fill={ground} />
      <rect width="5" height={crossed ? 1 : 1.6} fill={line} />
      {crossed ? <rect width="1" height="5" fill={line} /> : null}
    </pattern>
  );
}
