export { layOutFlow } from './flow.ts';
export type { FlowBlock, FlowMusic, FlowPart, FlowRoom, PlacedBlock, PlacedPage, PlacedSystem, TurnPlace } from './parts.ts';
