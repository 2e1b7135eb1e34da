/** 75_000 → "1:15"; rounds to the second. */
export function clockText(ms: number): string {
  const seconds = Math.round(Math.abs(ms) / 1000);
  return `${ms < 0 && seconds > 0 ? '−' : ''}${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}

const dateFormats = {
  day: { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' },
  dayTime: {
    weekday: 'short',
    day: 'numeric',
    month: 'long',
    hour: '2-digit',
    minute: '2-digit',
    hour12: false,
  },
  dateTime: {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
    hour12: false,
  },
  time: { hour: '2-digit', minute: '2-digit', hour12: false },
  date: { day: 'numeric', month: 'short', year: 'numeric' },
  dayMonth: { day: 'numeric', month: 'short' },
} as const satisfies Record<string, Intl.DateTimeFormatOptions>;

/** An instant in words of the place's zone. */
export function dateText(atMs: number, zone: string, format: keyof typeof dateFormats): string {
  return new Intl.DateTimeFormat('en-GB', { ...dateFormats[format], timeZone: zone }).format(new Date(atMs));
}

/** Hours of a day as a clock reads them: 6.5 → "06:30". */
export function hourText(hourOfDay: number): string {
  const minutes = Math.floor(hourOfDay * 60) % 1440;
  return `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
}

export const plural = (count: number, one: string, many = `${one}s`): string =>
  `${count} ${count === 1 ? one : many}`;
