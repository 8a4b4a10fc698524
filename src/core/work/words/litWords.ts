import { bodyInPieces } from '../../physics/recipes/bodies';
import { bodyOf } from '../../physics/recipes/recipe';
import { type Piece, PIECE_FACTS } from '../../physics/recipes/pieces';
import { RECIPES } from '../../physics/recipes/recipes';
import { type BillLine, PARTS } from '../../physics/recipes/parts';
import { nameOfTarget } from '../../records/plan/loadRequirement';
import { formatAmps, formatMinutes, formatOhms } from '../../units';
import { capital, listWords } from '../../words';
import { amountWords, moreOf } from '../parts/amountWords';
import { isBatteryPart } from '../parts/partStock';
import { chanceWording, HOW_BRIGHT } from '../judging/verdict';
import type { LitThing, UpgradeHint } from '../search/whatCanBeLit';

/** `A red LED, dimly for 10 min`. */
export function litHeadline({ target, minutes }: Pick<LitThing, 'target' | 'minutes'>): string {
  const name = `${article(nameOfTarget(target))} ${nameOfTarget(target)}`;
  const how = target.kind === 'led' ? `, ${HOW_BRIGHT[target.brightness]}` : '';
  return capital(`${name}${how} for ${formatMinutes(minutes)}`);
}

/** `6 potatoes in series`. */
export function litWiring({ option, candidate }: Pick<LitThing, 'option' | 'candidate'>): string {
  const recipe = RECIPES[option.recipe];
  const body = bodyInPieces(bodyOf(recipe, option.body), option.piece);
  const { cells, cellsInSeries, strings, pairsPerBody } = candidate;
  const count = `${cells} ${cells === 1 ? body.name : body.plural}`;
  const wiring =
    strings === 1
      ? cellsInSeries === 1
        ? ''
        : ' in series'
      : cellsInSeries === 1
        ? ' side by side'
        : `, ${cellsInSeries} in series × ${strings}`;
  return `${count}${wiring}${pairsPerBody === 1 ? '' : `, ${pairsPerBody} pairs of metal in each`}`;
}

/** `0.34 mA → 0.22 mA · works in 96 of 100 classes`. */
export function litFigures({ target, candidate }: Pick<LitThing, 'target' | 'candidate'>): string {
  const { amps, atEnd, chance, recommended, seriesResistorOhms } = candidate;
  const [first, last] = [formatAmps(amps), formatAmps(atEnd.amps)];
  return [
    target.kind === 'device' || first === last ? last : `${first} → ${last}`,
    `${chanceWording(chance)}${recommended ? '' : ', marginal'}`,
    ...(seriesResistorOhms === null ? [] : [`with ${formatOhms(seriesResistorOhms)} in series`]),
  ].join(' · ');
}

/** `6 galvanised nails, 6 copper strips and 7 clip leads`. */
export function billWords(bill: readonly BillLine[]): string {
  return listWords(bill.map(({ part, amount }) => amountWords(part, amount)));
}

/** Metals and leads that it takes: what runs out first. */
export function usesWords({ uses }: Pick<LitThing, 'uses'>): string {
  return billWords(
    uses.filter(
      ({ part }) => isBatteryPart(part) && ['metal', 'wiring'].includes(PARTS[part].kind),
    ),
  );
}

/** Food, metals and leads that stay. */
export function leftOverWords({ leftOver }: Pick<LitThing, 'leftOver'>): string {
  return billWords(
    leftOver.filter(({ part }) => ['food', 'metal', 'wiring'].includes(PARTS[part].kind)),
  );
}

/** `With 2 more galvanised nails a red LED, dimly for 45 min`. */
export function moreWords({ target, minutes, missing }: UpgradeHint): string {
  const parts = missing.map(({ part, needed, there }) => moreOf(part, needed - there));
  return `With ${listWords(parts)}: ${lower(litHeadline({ target, minutes }))}.`;
}

/** `Only an LED is missing. With a red one: 4 potatoes in series light it dimly for 10 min.` */
export function onlyLedWords(thing: LitThing): string {
  return `Only an LED is missing. With one: ${lower(litHeadline(thing))}, on ${litWiring(thing)}.`;
}

/** Title of a plan made of it. */
export function litTitle({ target, option }: Pick<LitThing, 'target' | 'option'>): string {
  const body = bodyOf(RECIPES[option.recipe], option.body);
  return `${capital(nameOfTarget(target))} on ${body.plural}${pieceNote(option.piece)}`.slice(
    0,
    80,
  );
}

function pieceNote(piece: Piece): string {
  return piece === 'whole' ? '' : ` in ${PIECE_FACTS[piece].many}`;
}

function article(name: string): string {
  return /^(LCD|LED|[aeio])/i.test(name) ? 'an' : 'a';
}

function lower(text: string): string {
  return `${text.slice(0, 1).toLowerCase()}${text.slice(1)}`;
}
