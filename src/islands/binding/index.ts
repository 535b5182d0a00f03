export { BindingProgress, BoundView } from './BoundView.tsx';
export { type PartToBind, type ToBind, useBinding } from './use-binding.ts';
