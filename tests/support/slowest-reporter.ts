import type { Reporter, TestCase, TestResult, TestStep } from '@playwright/test/reporter';

/** How many of the slowest tests are named. */
const NAMED = 10;

/** A test that takes more of its time limit than this may run into it on a slower machine. */
const ENOUGH = 2 / 3;

/** A test that ended, and how much of its time limit it took. */
interface Ended {
  readonly title: string;
  readonly seconds: number;
  readonly share: number;
}

/** Says at the end how much was checked, and which tests were the slowest, each against its time limit. */
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
