import { formatNumber } from '../../units';

/** `12.50 EUR`, or that nobody set a price. */
export function moneyWords(price: number | null, currency: string): string {
  return price === null ? 'price unknown' : `${formatNumber(price)} ${currency}`.trim();
}

/** The same where nothing else tells that it is money: `cost 12.50 EUR`. */
export function costWords(price: number | null, currency: string): string {
  return price === null ? moneyWords(price, currency) : `cost ${moneyWords(price, currency)}`;
}
