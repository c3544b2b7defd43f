/** Characters of a file sent at once: a few thousand rows. */
const PIECE = 150_000;

/** A file read a slice at a time, each ending where a line ends: half a million rows are never held at once. */
export async function* slices(file: Blob, most = PIECE): AsyncGenerator<{ text: string; read: number }> {
  const decoder = new TextDecoder();
  let rest = '';
  for (let from = 0; from < file.size; from += most) {
    const last = from + most >= file.size;
    const bytes = await file.slice(from, from + most).arrayBuffer();
    const text = rest + decoder.decode(bytes, { stream: !last });
    const end = last ? text.length : text.lastIndexOf('\n') + 1;
    rest = text.slice(end);
    if (end > 0) {
      yield { text: text.slice(0, end), read: Math.min(file.size, from + most) };
    }
  }
}
