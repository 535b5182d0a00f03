import { Component, type ComponentType, type ReactNode, Suspense } from 'react';
import { Button, ButtonLink } from '../Button.tsx';
import { Notice } from './Notice.tsx';

interface BoundaryProps {
  readonly children: ReactNode;
}

/** A boundary for errors: a failure in a part of the page costs that part alone; it is reported, and the page can be loaded again. */
class Boundary extends Component<BoundaryProps, { readonly failed: string | null }> {
  override readonly state = { failed: null };

  static getDerivedStateFromError(error: unknown): { readonly failed: string } {
    return { failed: String(error) };
  }

  override render(): ReactNode {
    const { failed } = this.state;
    if (failed === null) return this.props.children;
    return (
      <Notice role="alert" className="m-3 flex flex-wrap items-center gap-3" trouble>
        <span className="grow">This part cannot be shown ({failed}). What you entered is kept.</span>
        <Button onClick={() => location.reload()}>Reload the page</Button>
        <ButtonLink href="/backup">Save the studio as a file</ButtonLink>
      </Notice>
    );
  }
}

/** A part of the page that comes later than the rest; until it does, the fallback stands there. */
export function Part({ fallback, children }: { readonly fallback?: ReactNode; readonly children: ReactNode }) {
  return (
    <Boundary>
      <Suspense fallback={fallback}>{children}</Suspense>
    </Boundary>
  );
}

/** Wraps a page's island: a failure in it is reported in its place. */
export function guardIsland(Island: ComponentType): ComponentType {
  return function Guarded() {
    return (
      <Boundary>
        <Island />
      </Boundary>
    );
  };
}
