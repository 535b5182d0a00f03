/** The browser's database does not open: said plainly, and work goes on. */
export function StorageTrouble({ message }: { readonly message: string }) {
  return (
    <p role="alert" className="m-6 border-l-4 border-ochre bg-paper-deep px-4 py-3">
      The browser does not open its storage ({message}). You can work here and download the piece, but it is not kept.
    </p>
  );
}
