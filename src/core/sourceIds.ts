/** Groups of constants that answers name as what they rest on; their values stand in the help. */
export const SOURCE_TITLES = {
  constants: 'Constants of nature',
  'cell-readings': 'What one cell of each family reads',
  scatter: 'How much cells and joints differ',
  potentials: 'Standard potentials, 25 °C',
  ceilings: 'Highest believable volts of one cell',
  metal: 'Charge in the metal',
  conductivity: 'Conductivity at 20 °C',
  mixing: 'Spoons, and what dissolves',
  led: 'LEDs',
  brightness: 'How bright an LED looks',
  devices: 'Small devices',
  meter: 'The classroom meter',
  films: 'Films that build up on the metals',
  drying: 'Drying',
  faults: 'Faults at the bench',
  bought: 'A bought AA cell',
  limits: 'Limits of voltage',
} as const;
export type SourceId = keyof typeof SOURCE_TITLES;
export const SOURCE_IDS = Object.keys(SOURCE_TITLES) as SourceId[];

/** Where a group stands on the help page. */
export function sourceHref(id: SourceId): string {
  return `/help?part=sources#${id}`;
}
