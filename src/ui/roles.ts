/** Colour roles of the look; every theme gives each role a value. */
export interface Roles {
  readonly paper: string;
  readonly card: string;
  readonly ink: string;
  readonly softInk: string;
  readonly rule: string;
  readonly copper: string;
  readonly copperSoft: string;
  readonly zinc: string;
  readonly leaf: string;
  readonly leafSoft: string;
  readonly amber: string;
  readonly amberSoft: string;
  readonly red: string;
  readonly redSoft: string;
}

export const LIGHT_ROLES: Roles = {
  paper: '#F6F1E7',
  card: '#FFFDF8',
  ink: '#20292E',
  softInk: '#5B666B',
  rule: '#DCD3C2',
  copper: '#A9531F',
  copperSoft: '#F5E2D5',
  zinc: '#4F6678',
  leaf: '#2F6F4A',
  leafSoft: '#DBEBE0',
  amber: '#805500',
  amberSoft: '#F7E6BF',
  red: '#A3261C',
  redSoft: '#FBE6E1',
};

export const DARK_ROLES: Roles = {
  paper: '#171C1F',
  card: '#20272B',
  ink: '#F1ECE2',
  softInk: '#B3BCBF',
  rule: '#3D474C',
  copper: '#E79A66',
  copperSoft: '#4A3224',
  zinc: '#9DB4C6',
  leaf: '#86CFA3',
  leafSoft: '#1F3D2C',
  amber: '#EBC163',
  amberSoft: '#44371A',
  red: '#F29A8E',
  redSoft: '#4A2420',
};
