import { type ReactNode, useEffectEvent, useId, useLayoutEffect, useRef } from 'react';

interface DialogProps {
  readonly title: string;
  /** Whether the title is for a screen reader only. */
  readonly quietTitle?: boolean;
  /** The place and width. */
  readonly className: string;
  readonly onClose: () => void;
  /** Runs once it is gone and the focus is back where it was. */
  readonly onGone?: () => void;
  readonly children: ReactNode;
}

/** A dialog over the page until it is closed: by Escape, beside it, or by a button in it. */
export function Dialog({ title, quietTitle = false, className, onClose, onGone, children }: DialogProps) {
  const dialog = useRef<HTMLDialogElement>(null);
  const id = useId();
  const gone = useEffectEvent(() => onGone?.());
  useLayoutEffect(() => {
    const shown = dialog.current;
    shown?.showModal();
    return () => {
      shown?.close();
      // The focus moves once the closing is drawn.
      queueMicrotask(gone);
    };
  }, []);
  return (
    <dialog
      ref={dialog}
      aria-labelledby={id}
      className={`fixed left-1/2 max-w-[94vw] -translate-x-1/2 overflow-auto border border-dove-light bg-paper text-ink backdrop:bg-shade ${className}`}
      // Keys pressed in the dialog are not keys of the page.
      onKeyDown={(event) => {
        if (event.key !== 'Escape') return;
        event.stopPropagation();
        event.preventDefault();
        onClose();
      }}
      onClose={onClose}
      // The content covers the whole dialog, so only a press outside it falls on the dialog element itself.
      onPointerDown={(event) => event.target === dialog.current && isBeside(event, dialog.current) && onClose()}
    >
      <h2 id={id} className={quietTitle ? 'sr-only' : 'mb-3 text-xl font-semibold'}>
        {title}
      </h2>
      {children}
    </dialog>
  );
}

function isBeside({ clientX, clientY }: { readonly clientX: number; readonly clientY: number }, dialog: HTMLElement): boolean {
  const { left, right, top, bottom } = dialog.getBoundingClientRect();
  return clientX < left || clientX > right || clientY < top || clientY > bottom;
}
