/** The step of the build that puts compressed copies beside each file. */
export declare function compressed(): {
  readonly name: string;
  readonly hooks: { readonly 'astro:build:done'?: (built: { readonly dir: URL }) => void };
};
