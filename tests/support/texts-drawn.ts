/** A page with as much as the engraver needs to draw: elements that keep what is put into them, and a canvas that measures nothing. */
class DrawnElement {
  textContent = '';
  readonly style = {};
  readonly children: DrawnElement[] = [];

  setAttribute(): void {}

  setAttributeNS(): void {}

  getContext(): object {
    const nothing = { width: 0, actualBoundingBoxLeft: 0, actualBoundingBoxRight: 0 };
    return {
      measureText: () => ({
        ...nothing,
        actualBoundingBoxAscent: 0,
        actualBoundingBoxDescent: 0,
        fontBoundingBoxAscent: 0,
        fontBoundingBoxDescent: 0,
      }),
    };
  }

  append(...children: DrawnElement[]): void {
    this.children.push(...children);
  }

  appendChild(child: DrawnElement): DrawnElement {
    this.append(child);
    return child;
  }

  replaceChildren(): void {
    this.children.length = 0;
  }

  texts(): readonly string[] {
    return [this.textContent, ...this.children.flatMap((child) => child.texts())];
  }
}

/** Lists the texts that something draws into an element, in which signs of a music font are texts too. */
export function textsDrawn(draw: (into: HTMLDivElement) => void): readonly string[] {
  const { document } = globalThis;
  const create = (): DrawnElement => new DrawnElement();
  Object.assign(globalThis, { document: { createElement: create, createElementNS: create } });
  try {
    const into = new DrawnElement();
    Reflect.apply(draw, null, [into]);
    return into.texts();
  } finally {
    Object.assign(globalThis, { document });
  }
}
