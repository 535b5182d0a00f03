import { Notice } from '../ui/states/Notice.tsx';
/** The browser's database does not open: said plainly, and work goes on. */
export function StorageTrouble({ message }: { readonly message: string }) {
  return (
    <Notice role="alert" className="m-6" trouble>
      The browser does not open its storage ({message}). You can work here and download the piece, but it is not kept.
    </Notice>
  );
}
