/** When was that, as the clock on the site's wall says? One form everywhere: '30 Nov 2026', or with the time and its zone. */
const shapes = new Map<string, Intl.DateTimeFormat>();

function shapeOf(timeZone: string, detail: 'day' | 'minute'): Intl.DateTimeFormat {
  const key = `${timeZone} ${detail}`;
  const known = shapes.get(key);
  if (known) return known;
  const made = new Intl.DateTimeFormat('en-GB', {
    timeZone,
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    ...(detail === 'minute' ? { hour: '2-digit', minute: '2-digit', timeZoneName: 'short' } : {}),
  });
  shapes.set(key, made);
  return made;
}

/**
 * Writes an instant in the zone of the site.
 * @param iso an instant as ISO 8601 with its offset, or a date; anything else is returned as it is.
 * @param timeZone IANA name, such as America/Halifax.
 * Example: '2026-11-30T01:21:00Z', 'UTC', 'minute' gives '30 Nov 2026, 01:21 UTC'.
 */
export function formatInstant(iso: string, timeZone: string, detail: 'day' | 'minute' = 'day'): string {
  const instant = new Date(iso);
  return Number.isNaN(instant.getTime()) ? iso : shapeOf(timeZone, detail).format(instant);
}
