import { FolderOpen } from 'lucide-react';
import { useRef } from 'react';
import { Button } from './Button.tsx';

interface OpenFileButtonProps {
  /** What is opened, for a screen reader. */
  readonly label: string;
  readonly onFile: (file: File) => void;
}

/** Opens a document saved here as JSON. */
export function OpenFileButton({ label, onFile }: OpenFileButtonProps) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button onClick={() => input.current?.click()}>
        <FolderOpen size={15} aria-hidden="true" /> Open a file
      </Button>
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
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
