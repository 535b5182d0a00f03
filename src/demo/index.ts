export { checkedDemo } from './checked-demo.ts';
export type { Demo } from './documents.ts';
export { DEMO_ENTRY, demoDays } from './practice.ts';
