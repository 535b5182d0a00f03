export { DEMO_IN_PAGE, type DemoInPage, demoInPage } from './demo-in-page.ts';
export { demoRecords } from './demo-records.ts';
export { changedInDemo, type ChangedInDemo, clearDemo, restoreDemo } from './change-demo.ts';
export { isDemo } from './is-demo.ts';
