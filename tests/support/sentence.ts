import { createElement } from 'react';
import { prerender } from 'react-dom/static';
import type { Brief } from '#core/brief';
import { BriefSentence } from '../../src/islands/bench/sentence/BriefSentence.tsx';
import { useSentence } from '../../src/state/sentence.ts';
import { workStore } from '../../src/state/bench/work.ts';

/**
 * Gives the sentence of a brief as it reads on the bench: of each part the chosen value, without the things that are only there to press.
 */
export async function sentenceOf(brief: Brief, whole = false): Promise<string> {
  // Components drawn without a page read the first state of their stores.
  Object.assign(workStore.getInitialState(), { brief });
  Object.assign(useSentence.getInitialState(), { whole });
  const { prelude } = await prerender(createElement(BriefSentence));
  const html = await new Response(prelude).text();
  return readAloud(html.slice(html.indexOf('<p'), html.indexOf('</p>')));
}

function readAloud(html: string): string {
  return html
    .replace(/<!--.*?-->/g, '')
    .replace(/<datalist.*?<\/datalist>/gs, '')
    .replace(/<select.*?<\/select>/gs, (select) => /<option[^>]* selected=""[^>]*>(.*?)<\/option>/s.exec(select)?.[1] ?? '')
    .replace(/<input[^>]*>/g, (input) => /value="([^"]+)"/.exec(input)?.[1] ?? /placeholder="([^"]*)"/.exec(input)?.[1] ?? '')
    .replace(/<span class="sr-only">.*?<\/span>/gs, '')
    .replace(/<button[^>]*aria-label="(More|Fewer) parts of the brief".*?<\/button>/gs, '')
    .replace(/<[^>]*>/g, '')
    .replace(/&#x27;/g, '’')
    .replace(/&quot;/g, '"')
    .replace(/&amp;/g, '&')
    .replace(/\s+/g, ' ')
    .trim();
}
