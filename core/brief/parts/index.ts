export type { Option, PartControl, PartSetting } from './control.ts';
export { PositionLabel } from './position-label.ts';
export type { WishPart } from './wish-part.ts';
