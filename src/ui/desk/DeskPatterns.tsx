/** Hatches that tell the metals apart without colour: copper plain, zinc hatched. */
export function DeskPatterns({ prefix }: { prefix: string }) {
  return (
    <defs>
      <pattern
        id={`${prefix}-zinc`}
        width="5"
        height="5"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(-45)"
      >
        <rect width="5" height="5" fill="var(--mui-palette-secondary-main)" />
        <rect width="5" height="1.6" fill="var(--mui-palette-background-paper)" />
      </pattern>
    </defs>
  );
}

export const COPPER_FILL = 'var(--mui-palette-primary-main)';
export const INK = 'var(--mui-palette-text-primary)';
export const SOFT_INK = 'var(--mui-palette-text-secondary)';
export const RULE = 'var(--mui-palette-divider)';
export const CARD = 'var(--mui-palette-background-paper)';
