/** The layout of most stations: what matters wide, what goes with it in a column beside it, below it where there is no room. */
export function mainAndSide(sidePixels: number, gap = 1.5) {
  return {
    display: 'grid',
    gap,
    gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: `minmax(0, 1fr) ${sidePixels}px` },
    alignItems: 'start',
  } as const;
}
