/**
 * Text that a scanner read: 'O' for nought, 'l' and 'I' for one, and the other way round. Mended only where a text is full of such words,
 * since '2O g' may also be a slip of one finger.
 */

/** A number whose noughts and ones were read as letters, before a measure: '4Og', '3OO ml', 'l tsp'. */
const NUMBER = /(?<![\p{L}\d])([\dOoIl|]{1,5})(?=\s?(?:g|kg|ml|l|tsp|tbsp|oz|lbs?|cups?|min(?:ute)?s?)\b)/gu;
/** A word with a nought or a one inside: '0nion', 'ch0pped', 'mi1k', 'Sa1t'. */
const WORD =
  /(?<![\p{L}\d])(?=[\p{L}\d]*\p{L}{2})(?=[\p{L}\d]*[01])(?!\d+(?:g|kg|ml|cl|dl|l|oz|lb|lbs|tsp|tbsp|cm|mm|min|mins|h|st|nd|rd|th|x)\b)[\p{L}01]{3,}(?![\p{L}\d])/gu;
/** Words of the kitchen that are spelt with 'rn'; in others a scanner took an 'm' for it: 'crearn', 'Rernove', 'rnilk'. */
const HAS_RN = /corn|turn|burn|warn|horn|barn|garn|fern|morn|dern|overn|furn|intern|extern|born|torn|worn|stern|return|darn|yarn|learn|earnest/i;
const LEAST = 3;

export const looksScanned = (text: string): boolean =>
  (text.match(WORD)?.length ?? 0) +
    [...text.matchAll(NUMBER)].filter(([, number]) => /[OoIl|]/.test(number as string) && (number as string).length > 1).length >=
  LEAST;

const digits = (text: string): string => text.replace(/[Oo]/g, '0').replace(/[Il|]/g, '1');
const letters = (text: string): string => text.replace(/0/g, 'o').replace(/1/g, 'l');

/** The text as it stood on the page; lines stay where they are. */
export const unscanned = (text: string): string =>
  text
    .replace(/(?<![\p{L}\d])['’`]\/(?=\d)/gu, '1/')
    .replace(NUMBER, (number: string) => digits(number))
    .replace(WORD, (word: string) => (word === word.toUpperCase() ? letters(word).toUpperCase() : letters(word)))
    .replace(/^(\s*)[Il|](?=\s+\p{Ll})/gmu, '$11')
    .replace(/(?<!\p{L})(\p{L})0(\p{L})(?!\p{L})/gu, '$1o$2')
    .replace(/\p{L}*rn\p{L}*/gu, (word: string) => (HAS_RN.test(word) ? word : word.replace(/rn/g, 'm')))
    .replace(/^Page [\dlI|]+\s*$/gim, '');
