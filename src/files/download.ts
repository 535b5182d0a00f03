/** Gives the browser a text to save as a file. */
export function downloadText(fileName: string, type: string, text: string): void {
  downloadBlob(fileName, new Blob([text], { type }));
}

/** Gives the browser anything to save as a file. */
export function downloadBlob(fileName: string, content: Blob): void {
  const address = URL.createObjectURL(content);
  const link = document.createElement('a');
  link.href = address;
  link.download = fileName;
  link.click();
  URL.revokeObjectURL(address);
}

/** Makes a file name from a piece's name: letters and digits, words joined by hyphens. */
export function fileNameOf(name: string, extension: string): string {
  const plain = name
    .replaceAll('♭', 'b')
    .replaceAll('♯', 'sharp')
    .normalize('NFKD')
    .replace(/[^\w]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .toLowerCase();
  return `${plain === '' ? 'piece' : plain}.${extension}`;
}
