/**
 * The browser's lock for what goes through all there is (a look at the shared folder, a spare copy written again): one at a
 * time in all tabs, as two at once need the memory of two. @param name the database’s
 */
export const maintenanceLock = (name: string) => `rovack heavy ${name}`;
