/** Writes the fonts of this page, or those of some families, as styles that bring their files along, for a drawing that stands alone. */
export async function pageFontStyles(families?: readonly string[]): Promise<string> {
  const wanted = fontFaces().filter((face) => families === undefined || families.some((family) => familyOf(face).includes(family)));
  return (await Promise.all(wanted.map(embedFont))).join('');
}

function familyOf(face: CSSFontFaceRule): string {
  return face.style.getPropertyValue('font-family');
}

function fontFaces(): readonly CSSFontFaceRule[] {
  const sheets = [...document.styleSheets].flatMap((sheet) => [...sheet.cssRules]);
  return sheets.flatMap((rule) => (rule instanceof CSSFontFaceRule ? [rule] : []));
}

/** Embeds the file of a font. */
async function embedFont(face: CSSFontFaceRule): Promise<string> {
  const address = /url\("?([^")]+)"?\)/.exec(face.cssText)?.[1];
  if (address === undefined) return '';
  const file = await (await fetch(new URL(address, face.parentStyleSheet?.href ?? location.href))).blob();
  const data = await new Promise<string>((resolve) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result));
    reader.readAsDataURL(file);
  });
  return face.cssText.replace(/url\("?[^")]+"?\)/, `url("${data}")`);
}
