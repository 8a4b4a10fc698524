const LIQUID: Readonly<Record<string, string>> = {
  'rhubarb-juice': '#E3A2A0',
  'lemon-juice': '#F3E38C',
  vinegar: '#E4D3A6',
  'epsom-salt': '#D5E4EA',
  'sulfuric-acid': '#E3E6C8',
};

/** A cup of liquid seen from the side, centred on the origin, about 60 wide. */
export function CupBody({ id }: { id: string }) {
  return (
    <g>
      <path d="M-25 -8 L25 -8 L20.5 22 L-20.5 22 Z" fill={LIQUID[id] ?? '#E4D3A6'} />
      <path
        d="M-29 -22 L29 -22 L21 24 L-21 24 Z"
        fill="none"
        stroke="var(--mui-palette-text-secondary)"
        strokeWidth="1.8"
        strokeLinejoin="round"
      />
    </g>
  );
}
