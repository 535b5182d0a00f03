import { formatKey, KEY_MODES, keyOfTonic, LETTERS, parsePitch } from '#core/pitch';

/** Every key with a signature of up to seven sharps or flats, documents' form: the major keys, then the minor. */
export const KEYS_OFFERED: readonly string[] = KEY_MODES.flatMap((mode) =>
  LETTERS.flatMap((letter) =>
    ['', '#', 'b'].flatMap((sign) => {
      const tonic = parsePitch(`${letter}${sign}4`);
      const key = tonic.ok ? keyOfTonic(tonic.value, mode) : null;
      return key ? [formatKey(key)] : [];
    }),
  ),
);
