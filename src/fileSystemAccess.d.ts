/** File System Access, where the browser has it: TypeScript’s own description of the browser leaves these out. */
interface Window {
  showDirectoryPicker?: (options: {
    readonly id?: string;
    readonly mode: 'read' | 'readwrite';
  }) => Promise<FileSystemDirectoryHandle>;
}

interface FileSystemHandle {
  /** Missing in a browser’s own private file system, which asks for no leave. */
  queryPermission?: (options: { readonly mode: 'readwrite' }) => Promise<PermissionState>;
  requestPermission?: (options: { readonly mode: 'readwrite' }) => Promise<PermissionState>;
}

interface FileSystemFileHandle {
  /** In a worker only, for the private file system. */
  createSyncAccessHandle: () => Promise<{
    readonly getSize: () => number;
    readonly read: (into: Uint8Array<ArrayBuffer>, options: { readonly at: number }) => number;
    readonly write: (from: Uint8Array<ArrayBuffer>, options: { readonly at: number }) => number;
    readonly truncate: (bytes: number) => void;
    readonly flush: () => void;
    readonly close: () => void;
  }>;
}
