import { NEWER_VERSION } from '../words/kept/newer-version.ts';

/** Offers the newer version, once, beside everything else on the page: it is used when the teacher says so. */
export function offerNewerVersion(use: () => void): void {
  if (document.getElementById(ID)) return;
  const bar = document.createElement('div');
  bar.id = ID;
  bar.role = 'status';
  // On the stand it waits: a session that is under way is played to its end first.
  bar.className =
    'in-[:has(main[data-stand])]:hidden no-print fixed right-4 bottom-4 z-30 flex items-center gap-3 border border-dove-light border-l-4 border-l-dove bg-paper-deep px-4 py-2';
  const button = document.createElement('button');
  button.type = 'button';
  button.className = 'rounded border border-dove-light bg-paper px-2.5 py-1';
  button.textContent = NEWER_VERSION.use;
  button.addEventListener('click', use, { once: true });
  bar.append(NEWER_VERSION.said, button);
  document.body.append(bar);
}

const ID = 'newer-version';
