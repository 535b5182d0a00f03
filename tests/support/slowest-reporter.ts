import type { Reporter, TestCase, TestResult, TestStep } from '@playwright/test/reporter';

/** The number of the slowest tests that are named. */
const NAMED = 10;

/** The share of its time limit from which a test may run into it on a slower machine. */
const ENOUGH = 2 / 3;

/** A test that ended, and the share of its time limit that it took. */
interface Ended {
  readonly title: string;
  readonly seconds: number;
  readonly share: number;
}

/** Prints at the end how much was checked, and which tests were the slowest, each against its time limit. */
export default class SlowestReporter implements Reporter {
  private readonly ended: Ended[] = [];
  private assertions = 0;

  onStepEnd(_test: TestCase, _result: TestResult, step: TestStep): void {
    if (step.category === 'expect') this.assertions += 1;
  }

  onTestEnd({ title, timeout }: TestCase, { duration }: TestResult): void {
    this.ended.push({ title, seconds: duration / 1000, share: duration / timeout });
  }

  onEnd(): void {
    const slowest = this.ended.toSorted((one, other) => other.share - one.share).slice(0, NAMED);
    console.log(`\n${this.ended.length} browser tests, ${this.assertions.toLocaleString('en')} assertions. Nearest to their time limit:`);
    for (const { title, seconds, share } of slowest) {
      const near = share > ENOUGH ? ' (too near)' : '';
      console.log(`  ${seconds.toFixed(1)} s, ${Math.round(100 * share)} % of the limit${near}: ${title}`);
    }
  }
}
