/** Quantities as smiths type and read them. Values are in the stored unit of their kind: mm, °C, kg, … */
export { METRIC, systemOf, US, type QuantityKind, type Units, type UnitSystem } from './quantity';
export * from './parse';
export { countIn, renderWords, show, showLength, showPercent, unitOf, type ShownLength } from './format';
export * from './edit';
export * from './ruler';
