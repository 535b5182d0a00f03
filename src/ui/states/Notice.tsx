import type { ReactNode } from 'react';

interface NoticeProps {
  /** Whether something is wrong. */
  readonly trouble?: boolean;
  /** The role with which it is announced at once. */
  readonly role?: 'alert';
  /** The name, where it is a place of the page by itself. */
  readonly label?: string;
  readonly className?: string;
  readonly children: ReactNode;
}

/** Shows something that the teacher should know now; in ochre where something is wrong. */
export function Notice({ trouble = false, role, label, className = '', children }: NoticeProps) {
  return (
    <div
      role={role ?? (label === undefined ? undefined : 'region')}
      aria-label={label}
      className={`border-l-4 bg-paper-deep px-4 py-2 ${trouble ? 'border-ochre' : 'border-dove'} ${className}`}
    >
      {children}
    </div>
  );
}
