import { ofDecimal, plus, ratio, times, type Ratio } from './exact';

/**
 * Every kind of quantity, with the one unit it is stored in and every unit it may be typed or shown in. The
 * core has the same table (units/Unit.java); both are held to the same tests.
 */
export type QuantityKind =
  | 'length'
  | 'temperature'
  | 'temperatureChange'
  | 'mass'
  | 'force'
  | 'pressure'
  | 'volume'
  | 'power'
  | 'massFlow'
  | 'speed'
  | 'time'
  | 'density'
  | 'expansion'
  | 'pricePerLength'
  | 'pricePerMass'
  | 'share'
  | 'angle'
  | 'hardness';

/** One of the two systems people read in. */
export type UnitSystem = 'METRIC' | 'INCH';

/** The units a reader chose: one system, and another for single quantities where they said so. */
export interface Units {
  readonly system: UnitSystem;
  readonly chosen: Partial<Record<QuantityKind, UnitSystem>>;
}

export const METRIC: Units = { system: 'METRIC', chosen: {} };
export const US: Units = { system: 'INCH', chosen: {} };

/** The system a reader has for a quantity. */
export const systemOf = (units: Units, kind: QuantityKind): UnitSystem => units.chosen[kind] ?? units.system;

/** One unit: exact factor to the stored unit, and the names it is typed by, small letters. */
export interface Unit {
  readonly symbol: string;
  readonly system: UnitSystem;
  readonly perUnit: Ratio;
  /** Added before multiplying: −32 for °F. */
  readonly offset: Ratio;
  readonly names: readonly string[];
  /** The unit of what follows without one, as 3 in `2 ft 3`. */
  readonly part?: string;
}

const unit =
  (system: UnitSystem) =>
  (symbol: string, perUnit: Ratio, names: string, part?: string): Unit => ({
    symbol,
    system,
    perUnit,
    offset: ratio(0),
    names: names.split('|'),
    ...(part === undefined ? {} : { part }),
  });
const metric = unit('METRIC');
const us = unit('INCH');

const INCH = ratio(254, 10);
const POUND = ofDecimal('0.45359237');
const GRAVITY = ofDecimal('9.80665');
const POUND_FORCE_N = times(POUND, GRAVITY);
const CUBIC_INCH_L = ofDecimal('0.016387064');
const BTU_KJ = ofDecimal('1.05505585262');
const inverse = (r: Ratio): Ratio => ratio(r.under, r.over);
const many = (r: Ratio, over: number, under = 1): Ratio => times(r, ratio(over, under));
const ONE = ratio(1);

/** The usual unit of each system is first among those of its system. */
export const UNITS: Record<QuantityKind, readonly Unit[]> = {
  length: [
    metric('mm', ONE, 'mm|millimetre|millimetres|millimeter|millimeters'),
    metric('cm', ratio(10), 'cm'),
    metric('m', ratio(1000), 'm|metre|metres|meter|meters', 'cm'),
    metric('µm', ratio(1, 1000), 'µm|um|micron|microns'),
    us('in', INCH, 'in|in.|inch|inches|"'),
    us('ft', many(INCH, 12), "ft|ft.|foot|feet|'", 'in'),
  ],
  temperature: [
    metric('°C', ONE, '°c|c|degrees c|deg c|celsius'),
    { ...us('°F', ratio(5, 9), '°f|f|degrees f|deg f|fahrenheit'), offset: ratio(-32) },
  ],
  temperatureChange: [
    metric('°C', ONE, '°c|c|k|degrees c|deg c'),
    us('°F', ratio(5, 9), '°f|f|degrees f|deg f'),
  ],
  mass: [
    metric('kg', ONE, 'kg|kilo|kilos|kilogram|kilograms', 'g'),
    metric('g', ratio(1, 1000), 'g|gram|grams'),
    metric('t', ratio(1000), 't|tonne|tonnes'),
    us('lb', POUND, 'lb|lbs|lb.|lbs.|#|pound|pounds', 'oz'),
    us('oz', many(POUND, 1, 16), 'oz|oz.|ounce|ounces'),
  ],
  force: [
    metric('kN', ONE, 'kn'),
    metric('N', ratio(1, 1000), 'n'),
    metric('t', GRAVITY, 't|tonne|tonnes|tf|metric ton|metric tons'),
    us('tons', many(POUND_FORCE_N, 2), 'tons|ton|us ton|us tons|short ton|short tons'),
    us('lbf', many(POUND_FORCE_N, 1, 1000), 'lbf|lb|lbs'),
  ],
  pressure: [
    metric('MPa', ONE, 'mpa|n/mm2|n/mm²'),
    metric('bar', ratio(1, 10), 'bar|bars'),
    metric('kPa', ratio(1, 1000), 'kpa'),
    us('psi', many(POUND_FORCE_N, 100, 64516), 'psi|lb/in2|lb/in²'),
    us('ksi', many(POUND_FORCE_N, 100000, 64516), 'ksi'),
  ],
  volume: [
    metric('l', ONE, 'l|litre|litres|liter|liters|dm3|dm³'),
    metric('ml', ratio(1, 1000), 'ml|cc|cm3|cm³'),
    us('cu in', CUBIC_INCH_L, 'cu in|in3|in³|cubic in|cubic inches'),
    us('cu ft', many(CUBIC_INCH_L, 1728), 'cu ft|ft3|ft³|cubic ft|cubic feet'),
    us('gal', many(CUBIC_INCH_L, 231), 'gal|gallon|gallons'),
  ],
  power: [
    metric('kW', ONE, 'kw'),
    metric('W', ratio(1, 1000), 'w'),
    us('BTU/h', many(BTU_KJ, 1, 3600), 'btu/h|btu/hr|btuh|btu|btu per hour'),
  ],
  massFlow: [
    metric('kg/h', ONE, 'kg/h|kg/hr|kg per hour|kg an hour|kg'),
    metric('g/h', ratio(1, 1000), 'g/h'),
    us('lb/h', POUND, 'lb/h|lb/hr|lbs/h|lbs/hr|lb per hour|lb'),
  ],
  speed: [
    metric('mm/s', ONE, 'mm/s|mm/sec|mm per second'),
    metric('cm/s', ratio(10), 'cm/s'),
    us('in/s', INCH, 'in/s|in/sec|ips|in per second|"/s'),
    us('in/min', many(INCH, 1, 60), 'in/min|ipm'),
  ],
  time: [
    metric('min', ratio(60), 'min|mins|min.|minute|minutes|m', 's'),
    metric('s', ONE, 's|sec|secs|sec.|second|seconds'),
    metric('h', ratio(3600), 'h|hr|hrs|hour|hours', 'min'),
    metric('d', ratio(86400), 'd|day|days', 'h'),
  ],
  density: [
    metric('kg/m³', ONE, 'kg/m³|kg/m3'),
    metric('g/cm³', ratio(1000), 'g/cm³|g/cm3|g/cc'),
    us('lb/cu in', many(times(POUND, inverse(CUBIC_INCH_L)), 1000), 'lb/cu in|lb/in³|lb/in3'),
  ],
  expansion: [
    metric('10⁻⁶/°C', ONE, '10⁻⁶/°c|/°c|/c|/k|per °c|per c'),
    us('10⁻⁶/°F', ratio(9, 5), '10⁻⁶/°f|/°f|/f|per °f|per f'),
  ],
  pricePerLength: [
    metric('per m', ONE, 'per m|/m|a metre|a meter'),
    us('per ft', ratio(10000, 3048), 'per ft|/ft|a foot|per foot'),
    us('per in', ratio(10000, 254), 'per in|/in|an inch|per inch'),
  ],
  pricePerMass: [
    metric('per kg', ONE, 'per kg|/kg|a kilo'),
    us('per lb', inverse(POUND), 'per lb|/lb|a pound|per pound'),
  ],
  share: [metric('%', ratio(1, 100), '%|percent|per cent|pct')],
  angle: [metric('°', ONE, '°|deg|degree|degrees')],
  hardness: [metric('HRC', ONE, 'hrc|rc|rockwell c')],
};

/** The unit meant where none is written, and shown where one will do. */
export function usualUnit(kind: QuantityKind, system: UnitSystem): Unit {
  const all = UNITS[kind];
  const usual = all.find((u) => u.system === system) ?? all[0];
  if (usual === undefined) throw new Error(kind);
  return usual;
}

/** The exact stored value of so many of a unit. */
export const stored = (of: Unit, count: Ratio): Ratio => times(plus(count, of.offset), of.perUnit);

/** How many of a unit a stored value is. */
export const countOf = (of: Unit, value: number): number =>
  (value * Number(of.perUnit.under)) / Number(of.perUnit.over) -
  Number(of.offset.over) / Number(of.offset.under);

/** The stored units as they stand in the core's marks, `[[mm 38.1]]`. */
export const BY_MARK: Readonly<Record<string, QuantityKind>> = {
  mm: 'length',
  C: 'temperature',
  dC: 'temperatureChange',
  kg: 'mass',
  kN: 'force',
  MPa: 'pressure',
  l: 'volume',
  kW: 'power',
  'kg/h': 'massFlow',
  'mm/s': 'speed',
  s: 'time',
  'kg/m3': 'density',
  '1e-6/C': 'expansion',
  '/m': 'pricePerLength',
  '/kg': 'pricePerMass',
  share: 'share',
  deg: 'angle',
  HRC: 'hardness',
};
