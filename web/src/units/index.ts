/** Lengths, temperatures and masses as smiths type and read them. Values are mm, °C and kg. */
export * from './parse';
export * from './format';
export * from './ruler';
