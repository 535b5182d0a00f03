import type { ReactNode } from 'react';

interface EmptyStateProps {
  readonly title?: string;
  /** What to do so that something stands here. */
  readonly children: ReactNode;
}

/** What stands where there is nothing yet: what to do next. */
export function EmptyState({ title, children }: EmptyStateProps) {
  return (
    <>
      {title !== undefined && <h2 className="text-xl font-semibold">{title}</h2>}
      <p className="mt-2 text-dove-dark">{children}</p>
    </>
  );
}
