import type { Page } from '@playwright/test';

/** Lists the faults of a page as it is laid out now: wider than the window, words cut or run into each other, width left empty. */
export async function layoutFaults(page: Page): Promise<readonly string[]> {
  return await page.evaluate(findLayoutFaults);
}

/** Runs in the page. */
function findLayoutFaults(): string[] {
  interface Box {
    readonly left: number;
    readonly right: number;
    readonly top: number;
    readonly bottom: number;
  }
  interface Words extends Box {
    readonly text: string;
    readonly element: Element;
  }
  const main = document.querySelector('main') ?? document.body;
  const areSeen = (element: Element): boolean => element.checkVisibility({ visibilityProperty: true, opacityProperty: true });

  /** The part of a box that its ancestors let through. */
  const clip = (box: Box, element: Element): Box => {
    let { left, right, top, bottom } = box;
    for (let parent: Element | null = element; parent && parent !== main; parent = parent.parentElement) {
      const { overflowX, overflowY } = getComputedStyle(parent);
      if (overflowX === 'visible' && overflowY === 'visible') continue;
      const rect = parent.getBoundingClientRect();
      if (overflowX !== 'visible') [left, right] = [Math.max(left, rect.left), Math.min(right, rect.right)];
      if (overflowY !== 'visible') [top, bottom] = [Math.max(top, rect.top), Math.min(bottom, rect.bottom)];
    }
    return { left, right, top, bottom };
  };
  const isThere = ({ left, right, top, bottom }: Box): boolean => right - left > 1 && bottom - top > 1;

  /** The lines of words on the page, signs of the music apart: an engraver puts signs on signs. */
  const wordsOf = (root: Element): Words[] => {
    const walker = document.createTreeWalker(root, NodeFilter.SHOW_TEXT);
    const words: Words[] = [];
    while (walker.nextNode()) {
      const { currentNode: node } = walker;
      const element = node.parentElement;
      const text = node.textContent?.trim() ?? '';
      if (!element || text === '' || element.closest('.engraving, .sr-only, option, title, datalist') || !areSeen(element)) continue;
      const range = document.createRange();
      range.selectNodeContents(node);
      // The box of a letter is higher than what is drawn of it: its font's size stands for that.
      const size = Number.parseFloat(getComputedStyle(element).fontSize);
      for (const rect of range.getClientRects()) {
        const spare = element instanceof SVGElement ? 0 : Math.max(0, (rect.height - size) / 2);
        const box = clip({ left: rect.left, right: rect.right, top: rect.top + spare, bottom: rect.bottom - spare }, element);
        if (isThere(box)) words.push({ ...box, text, element });
      }
    }
    return words;
  };

  /** The share of the width of the page in which there is something, from top to bottom. */
  const shareFilled = (words: readonly Words[]): number => {
    const { left, right } = main.getBoundingClientRect();
    const style = getComputedStyle(main);
    const [from, to] = [left + Number.parseFloat(style.paddingLeft), right - Number.parseFloat(style.paddingRight)];
    const filled = new Uint8Array(Math.max(1, Math.ceil(to - from)));
    const boxes: Box[] = [...words];
    for (const element of main.querySelectorAll('svg, img, canvas, input, select, button, textarea, a, audio')) {
      if (areSeen(element)) boxes.push(clip(element.getBoundingClientRect(), element));
    }
    for (const box of boxes) {
      const [first, last] = [Math.max(0, Math.floor(box.left - from)), Math.min(filled.length, Math.ceil(box.right - from))];
      if (last > first) filled.fill(1, first, last);
    }
    return filled.reduce((sum, one) => sum + one, 0) / filled.length;
  };

  /** Pairs of words of different elements that cover each other. */
  const overlaps = (words: readonly Words[]): string[] => {
    const inOrder = [...words].sort((one, other) => one.top - other.top);
    const faults: string[] = [];
    for (const [index, one] of inOrder.entries()) {
      for (const other of inOrder.slice(index + 1)) {
        if (other.top >= one.bottom - 3) break;
        if (one.element === other.element || one.element.contains(other.element) || other.element.contains(one.element)) continue;
        const wide = Math.min(one.right, other.right) - Math.max(one.left, other.left);
        const high = Math.min(one.bottom, other.bottom) - Math.max(one.top, other.top);
        const lower = Math.min(one.bottom - one.top, other.bottom - other.top);
        if (wide > 2 && high > lower * 0.4) faults.push(`“${one.text.slice(0, 30)}” and “${other.text.slice(0, 30)}” cover each other`);
      }
    }
    return faults;
  };

  const words = wordsOf(main);
  const filled = shareFilled(words);
  return [
    ...(document.documentElement.scrollWidth > innerWidth ? [`wider than the window: ${document.documentElement.scrollWidth}`] : []),
    ...(filled < 0.5 ? [`only ${Math.round(filled * 100)} % of the width is used`] : []),
    ...overlaps(words).slice(0, 5),
  ];
}

/** Gives how far the page has shifted by itself while it came (cumulative layout shift). */
export async function layoutShift(page: Page): Promise<number> {
  return await page.evaluate(
    async () =>
      await new Promise<number>((resolve) => {
        let sum = 0;
        const observer = new PerformanceObserver((list) => {
          for (const entry of list.getEntries()) {
            if ('value' in entry && typeof entry.value === 'number' && !('hadRecentInput' in entry && entry.hadRecentInput === true))
              sum += entry.value;
          }
        });
        observer.observe({ type: 'layout-shift', buffered: true });
        requestAnimationFrame(() => setTimeout(() => resolve(sum)));
      }),
  );
}
