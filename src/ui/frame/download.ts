/** Hands a text to the browser as a file. */
export function download(name: string, type: string, text: string): void {
  saveBlob(name, new Blob([text], { type }));
}

/** Hands bytes to the browser as a file. */
export function saveBlob(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // The browser has read the address by the next turn; keeping it would keep the bytes in memory.
  setTimeout(() => URL.revokeObjectURL(url), 0);
}
