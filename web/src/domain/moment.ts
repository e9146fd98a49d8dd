/** A moment as people write it, on the clock of this place: 14 Mar 2026, 10:42. */
export const sayMoment = (at: string | Date): string =>
  new Date(at).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })
