import type { Sent } from '../../lib/api';

/** A plan as the core knows it. Lengths are mm, temperatures °C. */

export type AtmosphereProtection = 'BORAX' | 'DRY' | 'BOTH' | 'SEALED';
export type Turn = 'SAME' | 'OVER' | 'END' | 'QUARTER';
export type Tool = 'FLAT' | 'ROUND' | 'HAMMER' | 'MILL';
export type Coating = 'NONE' | 'ZINC' | 'PLATED' | 'PAINTED';

/** What is not said of a piece is as the stack, solid, and bare. */
export type Piece = Sent['LayupPiece'];

/** A bar of a part, with what is laid on it to bring it up. */
export type PartBar = Sent['LayupPartBar'];

export type Laid = Piece | PartBar;
export const isPartBar = (laid: Laid): laid is PartBar => 'part' in laid;

export type Operation = Sent['Operation'];

export type Kind = Operation['kind'];

export type Step = Sent['BilletStep'];

/** What was measured of each bar after a step; null is what was not. */
export type Measured = Sent['Measurement'];

export type Stack = Sent['LayupStack'];

export type Origin = Sent['BilletOrigin'];

export type Part = Sent['BilletPart'];

export type Wanted = Sent['BilletWantedPieces'];

export type Plan = Sent['BilletPlan'];
