import { locale } from "./speak";

/** To make one takes far longer than to use it, and a score line has hundreds of numbers. */
const formats = new Map<string, Intl.NumberFormat>();

/**
 * A number as the language writes it: "7.5", "7,5".
 *
 * @param most places after the decimal mark at most
 * @param least places that stand there even where they are nought
 */
export function decimal(value: number, most: number, least = 0): string {
  const key = `${locale()} ${least} ${most}`;
  const known = formats.get(key);
  const format =
    known ??
    new Intl.NumberFormat(locale(), {
      minimumFractionDigits: least,
      maximumFractionDigits: most,
      useGrouping: false,
    });
  if (!known) {
    formats.set(key, format);
  }
  return format.format(value);
}

/** With so many places, as figures that stand below each other have them. */
export function fixed(value: number, places: number): string {
  return decimal(value, places, places);
}

/** A number as somebody types it, with a comma or a point before its decimals; not a number where it is none, or nothing. */
export function typedNumber(text: string): number {
  const plain = text.trim().replace(",", ".");
  return plain === "" ? Number.NaN : Number(plain);
}
