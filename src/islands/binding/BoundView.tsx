import { useState } from 'react';
import { answerOf, useAsked } from '../../engine/index.ts';
import { downloadBlob, fileNameOf } from '../../files/index.ts';
import { type Bound, paper } from '../../printing/index.ts';
import { say } from '../../state/notices.ts';
import { Button } from '../../ui/Button.tsx';
import { Download } from '../../ui/icons.ts';
import { Notice } from '../../ui/states/index.ts';
import { BINDING, notBoundText, pageOfText, progressText } from '../../words/paper/binding.ts';
import { SAVE_FAILED } from '../../words/paper/sheet.ts';
import { SaidNotice } from '../frame/index.ts';
import { PaperPage } from '../paper/index.ts';
import type { BindingNow } from './use-binding.ts';

/** Tells how far a document is, and lets the work be stopped and gone on with. */
export function BindingProgress({
  now,
  onStop,
  onGoOn,
}: {
  readonly now: BindingNow;
  readonly onStop: () => void;
  readonly onGoOn: () => void;
}) {
  const { state, done, total, now: title, unplayable } = now;
  if (state === 'idle') return null;
  return (
    <>
      {state !== 'bound' && (
        <div className="flex flex-wrap items-center gap-3">
          <progress className="h-2 w-64 accent-ink" value={done} max={Math.max(1, total)} aria-label={BINDING.waiting} />
          <span role="status">{progressText(done, total, title)}</span>
          {state === 'under way' ? <Button onClick={onStop}>{BINDING.stop}</Button> : <Button onClick={onGoOn}>{BINDING.goOn}</Button>}
        </div>
      )}
      {unplayable.length > 0 && <Notice>{notBoundText(unplayable)}</Notice>}
    </>
  );
}

/** Shows a document page by page, with its contents to jump to, and saves it. */
export function BoundView({ bound, edition }: { readonly bound: Bound; readonly edition: number }) {
  const { count, outline } = bound;
  const [page, setPage] = useState(0);
  const shown = Math.min(page, count - 1);
  const asked = answerOf(useAsked({ key: ['bound', edition, shown], ask: async () => ({ page: await paper().boundPage(shown) }) }));
  const [last, setLast] = useState(asked);
  // The page before stays in view until the next is there.
  if (asked !== null && asked !== last) setLast(asked);
  const there = (asked ?? last)?.page ?? null;
  return (
    <>
      <div role="status" aria-label="Messages" className="no-print">
        <SaidNotice />
      </div>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,1fr)_17rem]">
        <div className="grid grid-cols-[minmax(0,1fr)] content-start justify-items-center gap-2">
          <p className="no-print flex flex-wrap items-center gap-3">
            <Button disabled={shown === 0} onClick={() => setPage(shown - 1)}>
              {BINDING.earlier}
            </Button>
            <span role="status">{pageOfText(shown + 1, count)}</span>
            <Button disabled={shown === count - 1} onClick={() => setPage(shown + 1)}>
              {BINDING.later}
            </Button>
            <SaveBound bound={bound} />
          </p>
          {there && <PaperPage {...there} label={`${pageOfText(shown + 1, count)} of ${bound.title}`} />}
        </div>
        <nav aria-label="Contents" className="no-print">
          <ol className="grid max-h-[36rem] gap-0.5 overflow-y-auto text-[15px]">
            {outline.map(({ title, page: at }) => (
              <li key={`${title} ${at}`}>
                <button
                  type="button"
                  className="flex w-full cursor-pointer justify-between gap-2 py-1 text-left hover:underline"
                  onClick={() => setPage(at - 1)}
                >
                  <span>{title}</span>
                  <span className="tabular-nums text-dove-dark">{at}</span>
                </button>
              </li>
            ))}
          </ol>
        </nav>
      </div>
    </>
  );
}

function SaveBound({ bound: { title } }: { readonly bound: Bound }) {
  const [saving, setSaving] = useState(false);
  const save = async (): Promise<void> => {
    setSaving(true);
    const pdf = await paper()
      .boundPdf()
      .catch(() => null);
    setSaving(false);
    if (pdf) downloadBlob(fileNameOf(title, 'pdf'), new Blob([pdf], { type: 'application/pdf' }));
    else say(SAVE_FAILED);
  };
  return (
    <Button disabled={saving} onClick={() => void save()}>
      <Download size={15} aria-hidden="true" /> {BINDING.save}
    </Button>
  );
}
