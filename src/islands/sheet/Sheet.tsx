import { useEffect, useState } from 'react';
import { answerOf } from '../../engine/index.ts';
import type { SheetPages } from '../../printing/index.ts';
import { ButtonLink } from '../../ui/Button.tsx';
import { NextSteps } from '../../ui/NextSteps.tsx';
import { Answered, guardIsland } from '../../ui/states/index.ts';
import { pagesText } from '../../words/paper/sheet.ts';
import { pieceTitle } from '../../words/piece/pieces.ts';
import { Addressed, PageShell, SaidNotice, usePageTitle } from '../frame/index.ts';
import { PaperPage } from '../paper/index.ts';
import { SheetActions } from './SheetActions.tsx';
import { SheetPanel } from './SheetPanel.tsx';
import { type SheetAtHand, useSheet } from './use-sheet.ts';

/** Shows a piece as pages for the stand, as they will be printed, and chooses what stands on them. */
export const Sheet = guardIsland(GuardedSheet);

function GuardedSheet() {
  return (
    <Addressed>
      <SheetPage />
    </Addressed>
  );
}

function SheetPage() {
  const id = new URL(location.href).searchParams.get('piece');
  const asked = useSheet(id);
  const sheet = answerOf(asked);
  const title = sheet === null || typeof sheet === 'string' ? null : titleOf(sheet);
  usePageTitle('Sheet', title);
  return (
    <PageShell
      current="Sheet"
      title={title ?? 'Sheet'}
      titled="not-printed"
      pieceId={id}
      beside={sheet === null || typeof sheet === 'string' ? undefined : <SheetActions sheet={sheet} title={title ?? ''} />}
    >
      <div role="status" aria-label="Messages" className="no-print">
        <SaidNotice />
      </div>
      <Answered asked={asked}>{(come) => (typeof come === 'string' ? <NoSheet why={come} /> : <SheetBody sheet={come} />)}</Answered>
    </PageShell>
  );
}

function titleOf({ piece: { name, plan } }: SheetAtHand): string {
  return pieceTitle({ name, brief: plan.brief });
}

/** Tells why nothing can be printed, and where a piece is found. */
function NoSheet({ why }: { readonly why: string }) {
  return (
    <>
      <p role="alert">{why}</p>
      <NextSteps>
        <ButtonLink href="/pieces">Choose a piece</ButtonLink>
        <ButtonLink href="/?new">Start a new piece</ButtonLink>
      </NextSteps>
    </>
  );
}

function SheetBody({ sheet }: { readonly sheet: SheetAtHand }) {
  const come = answerOf(sheet.pages);
  const [last, setLast] = useState(come);
  // The pages before stay in view until the new ones are set, so that nothing jumps.
  if (come !== null && come !== last) setLast(come);
  const shown = come ?? last;
  return (
    <div className="mt-2 grid gap-x-8 print:m-0 gap-y-4 lg:grid-cols-[minmax(0,1fr)_21rem] print:block">
      <article aria-label="Pages" aria-busy={come === null} className="grid content-start justify-items-center gap-4 print:block">
        {shown && sheet.pages.state !== 'failed' ? <Pages pages={shown} /> : <Answered asked={sheet.pages}>{() => null}</Answered>}
      </article>
      <aside className="no-print" aria-label="What stands on the sheet">
        {shown && <p className="mb-2 text-dove-dark">{pagesText(shown.pages.length)}</p>}
        <SheetPanel sheet={sheet} />
      </aside>
    </div>
  );
}

function Pages({ pages: { pages, format, title } }: { readonly pages: SheetPages }) {
  const { widthMm, heightMm } = format;
  useEffect(() => {
    const style = new CSSStyleSheet();
    style.replaceSync(`@page { size: ${widthMm}mm ${heightMm}mm; margin: 0 }`);
    document.adoptedStyleSheets = [...document.adoptedStyleSheets, style];
    return () => {
      document.adoptedStyleSheets = document.adoptedStyleSheets.filter((other) => other !== style);
    };
  }, [widthMm, heightMm]);
  return pages.map((shapes, order) => (
    <PaperPage
      key={order}
      widthMm={widthMm}
      heightMm={heightMm}
      shapes={shapes}
      label={`Page ${order + 1} of ${pages.length} of ${title}`}
    />
  ));
}
