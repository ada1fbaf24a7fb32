/** Heat as the eye sees it in a dim shop, °C and colour; ±40 °C, only a help to the memory. */
const PERCEIVED: readonly (readonly [number, string])[] = [
  [600, '#5a0a06'],
  [700, '#98160a'],
  [800, '#ce2a0d'],
  [900, '#f04e16'],
  [1000, '#ff7a22'],
  [1100, '#ffaa3e'],
  [1150, '#ffc056'],
  [1200, '#ffd474'],
  [1250, '#ffe598'],
  [1300, '#fff2c0'],
  [1350, '#fffae4'],
];

const channel = (hex: string, at: number) => parseInt(hex.slice(at, at + 2), 16);

/** The colour of a temperature; the scale's ends outside 600 to 1350 °C. */
export function heatColour(celsius: number): string {
  const above = PERCEIVED.findIndex(([c]) => c >= celsius);
  const [hotC, hot] = PERCEIVED[above === -1 ? PERCEIVED.length - 1 : above] ?? [1350, '#fffae4'];
  const [coldC, cold] = PERCEIVED[Math.max(0, (above === -1 ? PERCEIVED.length : above) - 1)] ?? [
    600,
    '#5a0a06',
  ];
  const t = hotC === coldC ? 0 : Math.min(1, Math.max(0, (celsius - coldC) / (hotC - coldC)));
  const mix = (at: number) => Math.round(channel(cold, at) + (channel(hot, at) - channel(cold, at)) * t);
  return `rgb(${mix(1)} ${mix(3)} ${mix(5)})`;
}
