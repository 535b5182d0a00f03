import { FolderOpen } from './icons.ts';
import { useRef } from 'react';
import { Button } from './Button.tsx';

interface OpenFileButtonProps {
  /** The name of what is opened, for a screen reader. */
  readonly label: string;
  /** The kinds of file, as the browser asks for them; documents of our own where nothing is said. */
  readonly accept?: string;
  readonly onFile: (file: File) => void;
}

/** Opens a file. */
export function OpenFileButton({ label, accept = '.json,application/json', onFile }: OpenFileButtonProps) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button onClick={() => input.current?.click()}>
        <FolderOpen size={15} aria-hidden="true" /> Open a file
      </Button>
      <input
        ref={input}
        type="file"
        accept={accept}
        aria-label={label}
        className="hidden"
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) onFile(file);
          event.target.value = '';
        }}
      />
    </>
  );
}
