import type { Brief } from '#core/brief';
import { materialPart } from '#core/brief/parts/materials';

/** Writes in a few words what is played: "A♭ major, three octaves, up". */
export function materialLabel({ material }: Brief): string {
  return materialPart(material.kind).describe(material);
}

/** Gives the title of a piece: its name, or its material where it has none. */
export function pieceTitle({ name, brief }: { readonly name: string; readonly brief: Brief }): string {
  return name === '' ? materialLabel(brief) : name;
}
