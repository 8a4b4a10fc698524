import { cautionsOf } from '../../../physics/safety/cautions';
import { formatNumber } from '../../../units';
import type { MixingCard } from '../mixingCards';
import type { Block, PrintedCard, PrintedSheet } from './sheet';

/** One liquid as a card: what goes in, in which order, what is written on the bottle, where it goes afterwards. */
export function mixingPrint(card: MixingCard): PrintedCard {
  const title = `${card.title}, ${formatNumber(card.millilitres)} mL`;
  if (card.refused !== null) return { title, lines: [card.refused] };
  return {
    title,
    lines: [
      ...card.ingredients.map(({ words }) => `☐ ${words}`),
      card.order,
      `Label: ${card.label}`,
      `Keep: ${card.storage}`,
      `Afterwards: ${card.disposal}`,
    ],
  };
}

/** A mixing card on a page of its own. */
export function mixingSheet(card: MixingCard): PrintedSheet {
  return {
    title: 'Mixing card',
    subtitle: 'To cut out and keep by the bottles.',
    blocks: [
      ...cautionsOf(card.cautions).map(({ text }): Block => ({ kind: 'caution', text })),
      { kind: 'cards', columns: 1, cards: [mixingPrint(card)] },
    ],
  };
}
