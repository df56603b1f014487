/** Figures after the point where no currency is set. */
const USUAL_DIGITS = 2;

/** How many digits a currency has after the point: 2 for most, 0 for yen, 3 for some dinars (ISO 4217, by the runtime's table). */
export const digitsOf = (currency: string | null): number =>
  currency === null
    ? USUAL_DIGITS
    : (new Intl.NumberFormat('en', { style: 'currency', currency }).resolvedOptions()
        .maximumFractionDigits ?? USUAL_DIGITS);

const FORMATS = new Map<string, Intl.NumberFormat>();

const formatOf = (currency: string | null): Intl.NumberFormat => {
  const known = FORMATS.get(currency ?? '');
  if (known) return known;
  const digits = digitsOf(currency);
  const made = new Intl.NumberFormat('en', {
    ...(currency === null ? {} : { style: 'currency', currency, currencyDisplay: 'narrowSymbol' }),
    minimumFractionDigits: digits,
    maximumFractionDigits: digits,
  });
  FORMATS.set(currency ?? '', made);
  return made;
};

/**
 * Money for the screen: "12.40", "€12.40", "−€3.00". The digits are set from the whole number; it is
 * never turned into a float that could lose one.
 * @param minor whole minor units
 * @param currency ISO 4217; null where the shop has set none
 */
export const showMoney = (minor: number, currency: string | null): string => {
  const digits = digitsOf(currency);
  const whole = Math.abs(Math.round(minor));
  const padded = String(whole).padStart(digits + 1, '0');
  const cut = padded.length - digits;
  const text = digits === 0 ? padded : `${padded.slice(0, cut)}.${padded.slice(cut)}`;
  const shown = formatOf(currency).format(text as unknown as number);
  return minor < 0 && whole > 0 ? `−${shown}` : shown;
};

/** The sign of a currency, to stand beside a field; empty where none is set. */
export const currencySign = (currency: string | null): string =>
  currency === null
    ? ''
    : (formatOf(currency)
        .formatToParts(0)
        .find((it) => it.type === 'currency')?.value ?? currency);

/** Money as it is typed into a field: "12.40". */
export const moneyToTyped = (minor: number, currency: string | null): string => {
  const digits = digitsOf(currency);
  const padded = String(minor).padStart(digits + 1, '0');
  return digits === 0 ? padded : `${padded.slice(0, -digits)}.${padded.slice(-digits)}`;
};

/**
 * Reads money that somebody typed: "12", "12.4", "12,40", "1 200", "1.200,50" and "1,200.50". Of two
 * different marks the last is the decimal one; one mark before exactly three digits parts thousands.
 * @returns whole minor units; undefined where it can't be read or has too many digits after the point
 */
export const typedToMoney = (typed: string, currency: string | null): number | undefined => {
  const digits = digitsOf(currency);
  const bare = typed.replace(/[\s\u00a0\u202f'’]/g, '').replace(/^\p{Sc}|\p{Sc}$/u, '');
  if (!/^\d[\d.,]*$/.test(bare)) return undefined;
  const marks = bare.match(/[.,]/g) ?? [];
  const last = Math.max(bare.lastIndexOf('.'), bare.lastIndexOf(','));
  const after = last < 0 ? '' : bare.slice(last + 1);
  const isThousands =
    marks.length > 0 &&
    new Set(marks).size === 1 &&
    after.length === 3 &&
    digits !== 3 &&
    /^\d{1,3}([.,]\d{3})+$/.test(bare);
  const [whole, rest] =
    last < 0 || isThousands ? [bare, ''] : [bare.slice(0, last), bare.slice(last + 1)];
  if (rest.length > digits) return undefined;
  // Before the decimal mark the other one parts thousands, in threes.
  if (/[.,]/.test(whole) && !/^\d{1,3}([.,]\d{3})+$/.test(whole)) return undefined;
  if (last >= 0 && !isThousands && whole.includes(bare[last] ?? '')) return undefined;
  const minor = Number(whole.replace(/[.,]/g, '') + rest.padEnd(digits, '0'));
  return Number.isSafeInteger(minor) ? minor : undefined;
};
