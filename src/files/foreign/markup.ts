/** Tells whether text that was pasted is markup, as a score is, and no line of notes. */
export function isMarkup(text: string): boolean {
  return /^\s*<[?!a-z]/i.test(text);
}

/** Makes a file of pasted text. Its declaration of an encoding was true of the file it was copied from, and no longer is. */
export function pastedFile(text: string, name: string): File {
  return new File([text.replace(/^\s*<\?xml[^>]*\?>/i, '')], name);
}
