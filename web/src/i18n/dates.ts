/** Dates as people at a desk read them: "Tue 17 Mar", with the year when it is not this one. */

const WEEKDAYS = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat'];
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** The parts of a written day or instant, by the clock of the house that wrote it. */
export function dayParts(written: string): { weekday: string; day: number; month: string; year: number } {
  const [year = 0, month = 1, day = 1] = written.slice(0, 10).split('-').map(Number);
  const weekday = new Date(Date.UTC(year, month - 1, day)).getUTCDay();
  return { weekday: WEEKDAYS[weekday] ?? '', day, month: MONTHS[month - 1] ?? '', year };
}

export function shortDay(written: string, thisYear = new Date().getFullYear()): string {
  const { weekday, day, month, year } = dayParts(written);
  return `${weekday} ${day} ${month}${year === thisYear ? '' : ` ${year}`}`;
}

/** The time on the clock of the house: "14:05". */
export function clockTime(written: string): string {
  return written.slice(11, 16);
}

export function exactTime(written: string): string {
  return `${shortDay(written, 0)}, ${clockTime(written)}`;
}
