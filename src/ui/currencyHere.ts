import countryToCurrency from 'country-to-currency';

/** The currency of the device's country, by its locale; empty where that names none. */
export function currencyHere(language = navigator.language): string {
  const { region } = new Intl.Locale(language).maximize();
  const known: Readonly<Record<string, string | undefined>> = countryToCurrency;
  return region === undefined ? '' : (known[region] ?? '');
}
