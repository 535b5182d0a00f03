/** The look of a part of the sentence: underlined, as wide as its words; the browser's own signs would tear it apart. */
export const SENTENCE_PART =
  'field-sizing-content max-w-full appearance-none border-0 border-b-[1.5px] border-dove bg-transparent px-px py-0 font-[560] text-inherit pointed:bg-paper-deep [&::-webkit-calendar-picker-indicator]:hidden! [&_option]:font-sans [&_option]:text-[15px] [&_option]:font-normal';
