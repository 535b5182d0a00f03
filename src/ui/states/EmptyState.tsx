import type { ReactNode } from 'react';

interface EmptyStateProps {
  readonly title?: string;
  /** The step by which something comes to stand here. */
  readonly children: ReactNode;
}

/** Shows the next step where there is nothing yet. */
export function EmptyState({ title, children }: EmptyStateProps) {
  return (
    <>
      {title !== undefined && <h2 className="text-xl font-semibold">{title}</h2>}
      <p className="mt-2 text-dove-dark">{children}</p>
    </>
  );
}
