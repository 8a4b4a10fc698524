import { coinTestSchema, type CoinTest } from '../../physics/coins/identifyCoin';
import { toolDocument } from './toolDocument';

export const COINS_DOCUMENT = toolDocument<CoinTest>('coin test', coinTestSchema, {
  area: 'us',
  year: null,
  grams: null,
  diameterMillimetres: null,
  magnetic: null,
});
