const SHORT = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  year: 'numeric',
  hour: '2-digit',
  minute: '2-digit',
});

/** A moment for reading, in the reader's own time zone: 4 Feb 2026, 10:15. */
export const shortTime = (iso: string) => SHORT.format(new Date(iso));
