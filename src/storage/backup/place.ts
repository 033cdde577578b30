/** Where the spare copy of a database lies among the private files of this browser; null where there are none. @param name the database’s */
export async function backupPlace(
  name: string,
  isMade: boolean,
): Promise<FileSystemDirectoryHandle | null> {
  try {
    const root = await navigator.storage.getDirectory();
    return await root.getDirectoryHandle(`${name} spare copy`, { create: isMade });
  } catch {
    // Never made, not allowed in a private window, or unknown to this browser.
    return null;
  }
}
