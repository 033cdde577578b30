/** The text of a file, piece by piece. @param onProgress told the share that is read, 0 to 1 */
export async function* chunksOf(
  file: Blob,
  onProgress: (share: number) => void,
): AsyncGenerator<string> {
  const reader = file.stream().getReader();
  const decoder = new TextDecoder();
  let read = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    read += value.byteLength;
    yield decoder.decode(value, { stream: true });
    onProgress(read / file.size);
  }
  yield decoder.decode();
}
