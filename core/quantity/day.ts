/** Days as a kitchen counts them: ISO days (yyyy-mm-dd) of its own wall clock, never of UTC. */

/** The day it is at `at` where the wall clock shows `zone` (an IANA name). Throws a RangeError for a zone that is none. */
export const kitchenDay = (at: Date, zone: string): string =>
  new Intl.DateTimeFormat('sv-SE', { timeZone: zone, year: 'numeric', month: '2-digit', day: '2-digit' }).format(at);

/** True for a day of the calendar written yyyy-mm-dd: 2026-02-30 and 2026-99-99 are none. */
export function isDay(text: string): boolean {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(text)) return false;
  const at = new Date(`${text}T00:00:00Z`);
  return !Number.isNaN(at.getTime()) && at.toISOString().startsWith(text);
}

/** The day `days` after an ISO day; a RangeError for a day that is none. */
export const dayAfter = (day: string, days: number): string => {
  const at = new Date(`${day}T00:00:00Z`);
  at.setUTCDate(at.getUTCDate() + days);
  return at.toISOString().slice(0, 10);
};
