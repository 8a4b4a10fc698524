/** Everything that is not a plan, with its address. */
export const PLACES = [
  { href: '/cupboard', name: 'Cupboard', what: 'stock and prices, what is out for lessons' },
  { href: '/school', name: 'Your school’s cells', what: 'what lessons read, for the next plan' },
  { href: '/recipes', name: 'Recipes', what: 'all cells, and your own' },
  { href: '/fair-tests', name: 'Fair tests', what: 'compare fruit, metals, liquids' },
  { href: '/reality-check', name: 'Reality check', what: 'how many to …? claims tested' },
  { href: '/drill', name: 'Fault drill', what: 'a hidden fault, a meter: find it' },
  { href: '/series-or-parallel', name: 'Series or parallel?', what: 'why both schools are right' },
  { href: '/metals', name: 'Metals and potentials', what: 'which is +, how many volts, why' },
  { href: '/coins', name: 'Coins', what: 'which hold zinc, by country and year' },
  { href: '/mixing', name: 'Mixing bench', what: 'grams and spoons for the class' },
  { href: '/safekeeping', name: 'Safekeeping', what: 'back up everything, put it back' },
  { href: '/two-solutions', name: 'Two solutions', what: 'Nernst and concentration cells' },
] as const;
