const SHORT = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  year: 'numeric',
  hour: '2-digit',
  minute: '2-digit',
});

/** A moment for reading, in the reader's own time zone: 4 Feb 2026, 10:15. */
export const shortTime = (iso: string) => SHORT.format(new Date(iso));

const CLOCK = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });

/** The time of day alone: 10:15. */
export const clockTime = (iso: string) => CLOCK.format(new Date(iso));
