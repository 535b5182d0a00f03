export { DEMO_IN_PAGE, type DemoInPage, demoInPage } from './demo-in-page.ts';
export { demoRecords } from './demo-records.ts';
export { clearDemo, type PutBack, restoreDemo } from './demo.ts';
export { isDemo } from './is-demo.ts';
