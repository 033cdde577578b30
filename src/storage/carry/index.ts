export { sincePieces, workshopPieces } from './pieces';
export type { PieceOptions } from './pieces';
export { previewFile, takeInFile } from './takeInFile';
export type { FilePreview, TakenFile } from './takeInFile';
