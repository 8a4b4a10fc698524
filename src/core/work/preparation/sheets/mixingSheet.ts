import { cautionsOf } from '../../../physics/safety/cautions';
import { formatNumber } from '../../../units';
import type { MixingCard } from '../mixingCards';
import type { Block, PrintedSheet } from './sheet';

/** One liquid as blocks: what goes in, in which order, what is written on the bottle, where it goes afterwards. */
export function mixingBlocks(card: MixingCard): Block[] {
  if (card.refused !== null) return [{ kind: 'caution', text: card.refused }];
  return [
    { kind: 'list', style: 'box', items: card.ingredients.map(({ words }) => words) },
    { kind: 'text', text: card.order },
    { kind: 'text', text: `Label: ${card.label}` },
    { kind: 'text', text: `Keep: ${card.storage}` },
    { kind: 'text', text: `Afterwards: ${card.disposal}` },
  ];
}

/** A mixing card on a page of its own. */
export function mixingSheet(card: MixingCard): PrintedSheet {
  return {
    title: card.title,
    subtitle: `${formatNumber(card.millilitres)} mL`,
    blocks: [
      ...mixingBlocks(card),
      ...cautionsOf(card.cautions).map(({ text }): Block => ({ kind: 'caution', text })),
    ],
  };
}
