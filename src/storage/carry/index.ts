export { sincePieces, workshopPieces } from './pieces';
export type { PieceOptions } from './pieces';
export { FileRefused } from './fileRefused';
export { openFolderFile } from './folderFile';
export type { FolderFile } from './folderFile';
export { soundPages } from './soundPages';
export type { SoundPage } from './soundPages';
export { previewFile, takeBackFile, takeInFile } from './takeInFile';
export type { FilePreview, ImportWish, Receipt, TakenFile } from './takeInFile';
