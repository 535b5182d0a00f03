/** The parts of File System Access (a draft) that TypeScript does not know yet: folders that a page may write into. */
interface FileSystemDirectoryHandle {
  readonly queryPermission?: (wanted: { readonly mode: 'readwrite' }) => Promise<PermissionState>;
  readonly requestPermission?: (wanted: { readonly mode: 'readwrite' }) => Promise<PermissionState>;
}

interface Window {
  readonly showDirectoryPicker?: (options: { readonly mode: 'readwrite' }) => Promise<FileSystemDirectoryHandle>;
}
