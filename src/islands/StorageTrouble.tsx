/** The browser's database does not open: said plainly, and work goes on. */
export function StorageTrouble({ message }: { readonly message: string }) {
  return (
    <p role="alert" className="m-6 notice notice-trouble">
      The browser does not open its storage ({message}). You can work here and download the piece, but it is not kept.
    </p>
  );
}
