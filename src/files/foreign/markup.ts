/** Whether text that was pasted is markup, as a score is, and no line of notes. */
export function isMarkup(text: string): boolean {
  return /^\s*<[?!a-z]/i.test(text);
}

/** Pasted text as a file of a name. What it says of its encoding was true of the file it was copied from, and is no more. */
export function pastedFile(text: string, name: string): File {
  return new File([text.replace(/^\s*<\?xml[^>]*\?>/i, '')], name);
}
