/** Puts the demo in where the application runs with one and was never started before. */
export async function readyToRead(): Promise<void> {
  if (document.documentElement.dataset['demo'] === 'yes') await (await import('./demo.ts')).seedDemoOnce();
}
