/**
 * Lets the page time the clock of the sound: Tone's usual one is a worker made of a text, which the content policy refuses. Browsers do not
 * slow down a page that sounds when it is out of view.
 */
export function timedTone() {
  return {
    name: 'timed-tone',
    transform(code, id) {
      if (!id.includes('/tone/') || !id.endsWith('/context/Context.js')) return null;
      const timed = code.replace('clockSource: "worker"', 'clockSource: "timeout"');
      if (timed === code) this.error('Tone no longer says which clock it takes: look again at how it is set.');
      return { code: timed, map: null };
    },
  };
}
