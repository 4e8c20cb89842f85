/**
 * Seats stand for guests: letters and figures, and nothing by which somebody could be known. What looks like a name, a birth date, a record
 * number or an illness is refused, and told why.
 */
const SEATS = [/^[A-Z]{1,2}\d{1,3}(?:-[A-Z]?\d{1,3})?$/, /^[A-Z]\d{1,2}-[A-Z]\d{1,2}$/, /^\d{1,3}[A-Z]?$/, /^Table \d{1,3}$/];

/** Guests of one group, and bowls of one guest: what a table of guests and a request can hold. */
export const MOST_GUESTS = 200;
export const LEAST_BOWLS = 0.1;
export const MOST_BOWLS = 50;
/** Days that are named of a guest. */
export const MOST_DAYS = 400;

const DATE =
  /\b\d{1,4}[./-]\d{1,2}[./-]\d{1,4}\b|\b(?:born|dob|b\.)\b|\b\d{1,2}\.? ?(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\.? ?\d{2,4}\b/i;
const RECORD = /\b(?:mrn|nhs|patient|record|case|id|no\.?|number|ward|bed)\b|\d{4,}|(?:\d[ -]?){7,}/i;
const ILLNESS =
  /\b(?:diabet\w*|ckd|renal|kidney|dialysis|c(?:o?eliac)|dysphag\w*|cancer|chemo\w*|stroke|dementia|alzheimer\w*|copd|hypertens\w*|cardiac|heart|ibs|crohn\w*|colitis|allerg\w*|intoleran\w*|pregnan\w*|hiv|epilep\w*|parkinson\w*|stage \d|type [12]|post-?op\w*|palliative)\b/i;

/** Why it is no seat; null for one. */
export function seatFault(seat: string): string | null {
  if (SEATS.some((pattern) => pattern.test(seat))) return null;
  const use = "use a seat code: a letter or two and a number, 'A1' or 'B12'";
  if (DATE.test(seat)) return `it looks like a date, perhaps a birth date: ${use}`;
  if (ILLNESS.test(seat)) return `it looks like an illness or a state of health: write what the guest needs, and ${use}`;
  if (RECORD.test(seat)) return `it looks like a number by which somebody is known elsewhere: ${use}`;
  if (/\p{L}{3,}/u.test(seat)) return `it looks like a name: ${use}`;
  return use;
}
