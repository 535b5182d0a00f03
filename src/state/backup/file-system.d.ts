/** What TypeScript does not know yet of folders that a page may write into (File System Access, a draft). */
interface FileSystemDirectoryHandle {
  readonly queryPermission?: (wanted: { readonly mode: 'readwrite' }) => Promise<PermissionState>;
  readonly requestPermission?: (wanted: { readonly mode: 'readwrite' }) => Promise<PermissionState>;
}

interface Window {
  readonly showDirectoryPicker?: (options: { readonly mode: 'readwrite' }) => Promise<FileSystemDirectoryHandle>;
}
