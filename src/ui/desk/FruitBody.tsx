/** Natural colours of what the metals stick in; drawings, not roles, so they stay the same in every theme. */
const FRUIT = {
  kiwi: { skin: '#8A6A3B', flesh: '#A6C15A', heart: '#EEF0D2', seeds: true },
  lemon: { skin: '#D9A404', flesh: '#F6DE63', heart: '#FBF1B8', seeds: false },
  apple: { skin: '#B5382F', flesh: '#F3E7C0', heart: '#E6D49A', seeds: false },
  gooseberry: { skin: '#7C9440', flesh: '#C4D68A', heart: '#E1EBBE', seeds: false },
  'green-tomato': { skin: '#5E8A3C', flesh: '#A9CB7B', heart: '#D4E5B4', seeds: true },
  cucumber: { skin: '#3F6B35', flesh: '#CFE3B0', heart: '#E7F1D3', seeds: true },
  beetroot: { skin: '#5E1733', flesh: '#93264F', heart: '#B24A72', seeds: false },
  'sweet-potato': { skin: '#A4543A', flesh: '#EDA35B', heart: '#F4C08A', seeds: false },
  swede: { skin: '#7B5A6E', flesh: '#F0D9A0', heart: '#F6E8C4', seeds: false },
  carrot: { skin: '#C9601E', flesh: '#F08A3C', heart: '#F7B36F', seeds: false },
  'boiled-potato': { skin: '#B99458', flesh: '#F3E6BD', heart: '#FAF2D6', seeds: false },
  potato: { skin: '#A57C45', flesh: '#EBD9A2', heart: '#F3E7C0', seeds: false },
} as const;

/** A fruit cut across, centred on the origin, about 60 wide. */
export function FruitBody({ id }: { id: string }) {
  const look = FRUIT[id as keyof typeof FRUIT] ?? FRUIT.lemon;
  return (
    <g>
      <ellipse rx="29" ry="23" fill={look.flesh} stroke={look.skin} strokeWidth="3.5" />
      <ellipse rx="9.5" ry="7" fill={look.heart} />
      {look.seeds ? (
        // A ring of dashes: one shape instead of fourteen, for sixty fruit on a desk.
        <ellipse
          rx="15"
          ry="11.5"
          fill="none"
          stroke="#2B2A20"
          strokeWidth="3.2"
          strokeDasharray="1.8 4.15"
        />
      ) : null}
    </g>
  );
}
