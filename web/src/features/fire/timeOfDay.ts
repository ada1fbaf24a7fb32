/** A minute of the day as on a clock, 08:05. */
export function timeOfDay(minute: number): string {
  const whole = Math.round(minute);
  const two = (n: number) => String(n).padStart(2, '0');
  return `${two(Math.floor(whole / 60) % 24)}:${two(whole % 60)}`;
}
