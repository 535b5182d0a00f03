/** The parts of verovio that the tests use; it ships no types of its own. */
declare module 'verovio/wasm' {
  export default function createVerovioModule(): Promise<object>;
}

declare module 'verovio/esm' {
  export class VerovioToolkit {
    constructor(module: object);
    loadData(data: string): boolean;
    getMEI(): string;
  }
}
