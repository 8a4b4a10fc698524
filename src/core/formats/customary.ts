import { formatNumber, NO_BREAK_SPACE } from '../units';

/** Where people measure in inches, cups and degrees Fahrenheit (Unicode CLDR, supplemental measurement data, from memory). */
const REGIONS: readonly string[] = ['US', 'LR', 'MM'];

/** How lengths, volumes and temperatures are told: metric, or with customary figures beside. */
export const WAYS_OF_MEASURING = ['metric', 'customary'] as const;

/** Whether the reader of a language such as `en-US` measures so; what is no language does not. */
export function usesCustomary(language: string): boolean {
  try {
    return REGIONS.includes(new Intl.Locale(language).maximize().region ?? '');
  } catch (error) {
    if (error instanceof RangeError) return false;
    throw error;
  }
}

/** NIST Special Publication 811, appendix B, from memory; an inch is exact. */
const MILLIMETRES_PER_INCH = 25.4;
const MILLILITRES_PER_FLUID_OUNCE = 29.5735;
const OUNCES_PER_CUP = 8;
const INCHES_PER_FOOT = 12;

/** `⅜ in`, `2 in`, `4.9 ft`: to the lines of a ruler. */
export function inInches(millimetres: number): string {
  const inches = millimetres / MILLIMETRES_PER_INCH;
  if (inches >= 3 * INCHES_PER_FOOT) return told(formatNumber(inches / INCHES_PER_FOOT, 2), 'ft');
  // Large lengths are not read to a sixteenth.
  const parts = inches < 1.5 ? 16 : inches < 6 ? 8 : 4;
  return told(mixed(inches, parts), 'in');
}

/** `3.4 fl oz`, `1 ½ cups`. */
export function inCups(millilitres: number): string {
  const ounces = millilitres / MILLILITRES_PER_FLUID_OUNCE;
  if (ounces < OUNCES_PER_CUP - 0.5) return told(formatNumber(ounces, 2), 'fl oz');
  const cups = mixed(ounces / OUNCES_PER_CUP, 4);
  return told(cups, cups === '1' ? 'cup' : 'cups');
}

export function inFahrenheit(celsius: number): string {
  return told(`${Math.round((celsius * 9) / 5 + 32)}`, '°F');
}

function told(figure: string, unit: string): string {
  return `${figure}${NO_BREAK_SPACE}${unit}`;
}

/** A number in so many parts of one, as a whole and a fraction in lowest terms: `1 3/8`. */
function mixed(value: number, parts: number): string {
  const count = Math.max(1, Math.round(value * parts));
  const whole = Math.floor(count / parts);
  let [over, under] = [count % parts, parts];
  while (over > 0 && over % 2 === 0) [over, under] = [over / 2, under / 2];
  const fraction = over === 0 ? '' : `${over}/${under}`;
  return [whole === 0 ? '' : `${whole}`, fraction].filter(Boolean).join(NO_BREAK_SPACE);
}

/** Each metric unit in text: what one of it is for the function that tells it. */
const UNITS: Readonly<Record<string, (value: number) => string>> = {
  mm: inInches,
  cm: (value) => inInches(10 * value),
  m: (value) => inInches(1000 * value),
  mL: inCups,
  L: (value) => inCups(1000 * value),
  '°C': inFahrenheit,
};
const NUMBER = '(?:(?<=^|\\s)[−-])?\\d+(?:\u202f\\d{3})*(?:[.,]\\d+)?';
const SPACE = '[ \u00a0\u202f]?';
/** A spoon's size says which spoon is meant, and an LED is sold by its millimetres. */
const METRIC = new RegExp(
  `(?<!spoons of |LEDs?, )(?<![\\w.,/\u202f])(${NUMBER})(?:( × | to |–)(${NUMBER}))?${SPACE}(mm|cm|m|mL|L|°C)(?![\\w²³/])`,
  'g',
);

/** The same text with inches, cups and °F in brackets after each metric figure. */
export function withCustomary(text: string): string {
  return text.replace(
    METRIC,
    (
      metric,
      first: string,
      between: string | undefined,
      second: string | undefined,
      unit: string,
    ) => {
      const tell = UNITS[unit];
      if (tell === undefined) return metric;
      const figure = (digits: string): string =>
        tell(Number(digits.replaceAll('\u202f', '').replace(',', '.').replace('−', '-')));
      const both =
        second === undefined ? figure(first) : `${figure(first)}${between}${figure(second)}`;
      return `${metric} (${both})`;
    },
  );
}
