export { checkedDemo } from './checked-demo.ts';
export type { Demo } from './documents.ts';
export { demoDays } from './practice.ts';
