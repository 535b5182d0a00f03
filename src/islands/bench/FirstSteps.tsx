import { useEffect } from 'react';
import { firstStepsStore, noteFirstSteps, showFirstSteps, triedStep } from '../../state/first-steps.ts';
import { selectionStore } from '../../state/selection.ts';
import { workStore } from '../../state/bench/index.ts';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/states/index.ts';
import { FIRST_STEP_WORDS, FIRST_STEPS, FIRST_STEPS_DONE } from '../../words/first-steps.ts';

/** The introduction on the bench itself: one thing to try after the other, ticked off when it is done. */
export function FirstSteps() {
  const tried = firstStepsStore((steps) => steps.tried);
  useEffect(watchWhatIsTried, []);
  useEffect(noteFirstSteps, []);
  const next = FIRST_STEPS.find((step) => !tried.includes(step));
  const { title, how } = next === undefined ? FIRST_STEPS_DONE : FIRST_STEP_WORDS[next];
  return (
    <Notice label="First steps" className="no-print flex min-h-full items-center gap-3 text-[15px] leading-snug">
      <p className="grow" role="status">
        {next !== undefined && (
          <span className="mr-1 whitespace-nowrap text-dove-dark">
            {FIRST_STEPS.indexOf(next) + 1} of {FIRST_STEPS.length}
          </span>
        )}{' '}
        <strong>{title}</strong> {how}
      </p>
      <Button className="shrink-0" onClick={() => showFirstSteps(false)}>
        {next === undefined ? 'Close' : 'Skip'}
      </Button>
    </Notice>
  );
}

/** Watches what is chosen and changed; a fingering that is used reports itself. */
function watchWhatIsTried(): () => void {
  const stops = [
    workStore.subscribe((now, before) => {
      if (now.pieceId === before.pieceId && now.brief !== before.brief && now.brief.locks === before.brief.locks) triedStep('sentence');
    }),
    selectionStore.subscribe(({ selected }) => {
      if (selected !== null) triedStep('note');
    }),
  ];
  return () => {
    for (const stop of stops) stop();
  };
}
