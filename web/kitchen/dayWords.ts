/** A day, or the day of an instant, as it is read: '4 Mar 2027' where the browser speaks English. */
export const dayWords = (text: string): string =>
  new Date(text.length === 10 ? `${text}T12:00:00` : text).toLocaleDateString(undefined, { day: 'numeric', month: 'short', year: 'numeric' });
